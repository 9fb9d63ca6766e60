import { Link } from 'react-router';
import type { JobView, Ranked } from '../api/types';

/** From what started it to what was found, and what may lie under it: questions to ask, advice that keeps it away. */
export function ChainAndRoots({ job, of }: { job: JobView; of: Ranked }) {
  const advice = job.advice.find((a) => a.explanation === of.explanation);
  if (!advice) {
    return null;
  }
  return (
    <section className="roots" aria-label={`If it was ${of.label}`}>
      <h2>If it was {of.label}</h2>
      <ol className="chain" aria-label="From what started it to what was found">
        <li className="root">root?</li>
        {advice.chain.links.map((l) => (
          <li key={l.words} title={l.shown.join(', ')} data-shown={l.shown.length > 0}>
            {l.words}
            {l.shown.length > 0 && <small>{l.shown.join(', ')}</small>}
          </li>
        ))}
      </ol>
      {advice.earlier.map((e) => (
        <p key={e.tag} className="caution small">
          This motor failed of it before, as <Link to={`/jobs/${e.tag}/cause`}>{e.tag}</Link>: {e.told}{' '}
          <b>{e.next}</b>
        </p>
      ))}
      <table className="quiet small">
        <thead>
          <tr>
            <th>what may lie under it</th>
            <th>ask the customer</th>
            <th>keeps it from coming back</th>
          </tr>
        </thead>
        <tbody>
          {advice.roots.map((r) => (
            <tr key={r.root}>
              <td>
                {r.shown.length > 0 ? <b>{r.words}</b> : r.words}
                {r.shown.length > 0 && <div className="soft">speaks for it: {r.shown.join(', ')}</div>}
              </td>
              <td>{r.question}</td>
              <td>{r.advice}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
