import type { JobView, Ranked } from '../api/types';
import { plain } from '../quantity/figures';

/** The sum of one explanation: what it starts with, each piece for and against, what is not known yet. */
export function Sum({
  of,
  job,
  without,
  leaveOut,
}: {
  of: Ranked;
  job: JobView;
  without: string[];
  leaveOut: (code: string) => void;
}) {
  return (
    <div className="panel">
      <h2>The sum for {of.label}</h2>
      <table className="quiet small sum">
        <tbody>
          <tr>
            <td>
              how often it comes up at all
              <div className="soft">estimated, and what this shop’s closed jobs taught</div>
            </td>
            <td className="n">{signed(of.priorDecibans)}</td>
            <td />
          </tr>
          {[...of.for, ...of.against].map((p) => (
            <tr key={p.code} className={without.includes(p.code) ? 'left-out' : ''}>
              <td>
                {p.words}
                <div className="soft">{p.reason}</div>
              </td>
              <td className="n">{signed(p.decibans)}</td>
              <td>
                <button
                  type="button"
                  className="pick tight"
                  aria-pressed={without.includes(p.code)}
                  aria-label={`What if ${p.words} did not count?`}
                  onClick={() => leaveOut(p.code)}
                >
                  what if not
                </button>
              </td>
            </tr>
          ))}
          <tr>
            <td>
              <b>in all</b>
            </td>
            <td className="n">
              <b>{signed(of.sumDecibans)}</b>
            </td>
            <td />
          </tr>
        </tbody>
      </table>
      <h3 style={{ marginTop: 12 }}>Worth a look next</h3>
      {job.ranking.looks.slice(0, 3).map((l) => (
        <p key={l.code} className="small">
          {l.ask}{' '}
          <span className="soft">
            {l.minutes} min{l.separates && `, tells ${l.separates}`}
          </span>
        </p>
      ))}
    </div>
  );
}

function signed(decibans: number): string {
  return `${decibans < 0 ? '−' : '+'}${plain(Math.abs(decibans), 3)} dB`;
}
