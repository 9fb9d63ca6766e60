import type { CoilTicket } from '../api/types';
import { plain } from '../quantity/figures';

/** The coil ticket as it will be printed. */
export function Ticket({ ticket, tag, kept }: { ticket: CoilTicket; tag: string; kept: boolean }) {
  const parts = [
    ['Coils', ticket.coils],
    ['Former', ticket.former],
    ['Insulation to cut', ticket.insulation],
    ['Leads', ticket.leads],
  ] as const;
  return (
    <section aria-label="Coil ticket" style={{ marginTop: 18 }}>
      <div className="head">
        <h2>Coil ticket</h2>
        {kept ? (
          <a href={`/api/jobs/${tag}/coil-ticket.pdf`} target="_blank" rel="noreferrer">
            Print it on one page
          </a>
        ) : (
          <span className="soft">keep the new winding to print it</span>
        )}
      </div>
      <div className="ticket">
        {parts.map(([title, lines]) => (
          <table className="quiet" key={title}>
            <thead>
              <tr>
                <th colSpan={2}>{title}</th>
              </tr>
            </thead>
            <tbody>
              {lines.map((l) => (
                <tr key={l.what}>
                  <td>{l.what}</td>
                  <td>
                    <b>{l.figure}</b>
                    {l.how && <div className="soft small">{l.how}</div>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
        <table className="quiet">
          <thead>
            <tr>
              <th colSpan={2}>Wire to draw from the rack</th>
            </tr>
          </thead>
          <tbody>
            {ticket.wire.map((w) => (
              <tr key={w.name}>
                <td>{w.name}</td>
                <td>
                  <b>{plain(w.neededKg, 3)} kg</b>
                  <div className="soft small">
                    {w.orderKg > 0
                      ? `the rack holds ${plain(w.onHandKg, 3)} kg: order ${plain(w.orderKg, 2)} kg`
                      : `the rack holds ${plain(w.onHandKg, 3)} kg`}
                  </div>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
