import { Link } from 'react-router';
import type { JobView } from '../api/types';
import { TopCauses } from '../cause/TopCauses';
import { moment } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { Mark } from '../verdict/Mark';

/** Every piece of evidence in its order of arrival, newest first; under it what it looks like, and the next look. */
export function Ledger({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const shown = useShown();
  const looks = job.ranking.looks[0];
  return (
    <aside className="ledger" aria-label="Ledger">
      <h2>Ledger</h2>
      {job.ledger.map((e, n) => (
        <Link
          key={n}
          to={`/jobs/${tag}/${e.step}`}
          className={`entry ${e.superseded ? 'past' : ''}`}
          data-verdict={e.verdict}
        >
          <Mark verdict={e.verdict} />
          <div>
            <span>{shown(e.headline)}</span>
            <small>
              {e.by}
              {e.origin === 'simulated' && ' · simulated'} · {moment(e.at)}
              {e.note && ` · ${e.note}`}
            </small>
          </div>
        </Link>
      ))}
      <h2 style={{ margin: '22px 0 8px' }}>Looks most like</h2>
      <TopCauses ranking={job.ranking} />
      {looks && (
        <p className="small">
          Next look{looks.separates && ` (${looks.separates})`}: <b>{looks.ask}</b> {looks.minutes} min.
        </p>
      )}
      <ul className="ways-out">
        <li>
          <a href={`/api/jobs/${tag}/sheet.pdf`} target="_blank" rel="noreferrer">
            Print the sheet (PDF)
          </a>
        </li>
        <li>
          <a href={`/api/jobs/${tag}/condition.pdf`} target="_blank" rel="noreferrer">
            Condition on arrival, for the owner (PDF)
          </a>
        </li>
        <li>
          <a href={`/api/jobs/${tag}/tag.pdf`} target="_blank" rel="noreferrer">
            Print the tag (PDF)
          </a>
        </li>
        <li>
          <Link to={`/jobs/${tag}/journal`}>Journal</Link>
        </li>
        {job.identity.mark && (
          <li>
            <Link to={`/motors/${job.identity.mark}`}>The motor’s passport</Link>
          </li>
        )}
        <li>
          <Link to={`/customers/${job.identity.customerId}`}>Whom to call</Link>
        </li>
        <li>
          <a href={`/api/jobs/${tag}/export.zip`}>The whole job as a file (ZIP)</a>
        </li>
      </ul>
    </aside>
  );
}
