import { Button } from 'antd';
import { Link } from 'react-router';
import type { JobView } from '../api/types';
import { useChange } from '../job/useJob';
import { momentOf } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { SheetStep } from './SheetStep';
import './rewind.css';

type Release = JobView['release'];

/** What is looked at before a motor leaves, two signatures, and what goes with it. */
export function DispatchStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const change = useChange(tag);
  const shown = useShown();
  const r = job.release;
  const act = (what: string, place = '') =>
    change.mutate({ method: 'POST', path: 'hands', body: { act: what, place } });
  const released = r.judgement.verdict === 'holds';
  const replaced = r.replaced;
  return (
    <>
      <div className="head">
        <h1>Release</h1>
        <span className="soft">
          {r.people === 1
            ? 'one person signs'
            : r.look.onePerson
              ? 'signed twice, ten minutes apart'
              : 'two people sign'}
        </span>
      </div>
      <p className="caution">
        A released motor goes on power at the customer’s. Its connection and protection there are a licensed
        electrician’s work, by the local code.
      </p>
      <ErrorNotice error={change.error} />
      <Judged judgement={r.judgement} />
      {r.ended.map((e) => (
        <p key={e} className="caution">
          {shown(e)}
        </p>
      ))}
      {r.holding.length > 1 && (
        <ul className="holds">
          {r.holding.map((h) => (
            <li key={h.sentence}>
              <Mark verdict="unproven" size={16} /> {h.sentence}.{' '}
              <Link to={`/jobs/${tag}/${h.step}`}>{h.opens}</Link>
            </li>
          ))}
        </ul>
      )}
      {!replaced && <LookedAt items={r.items} busy={change.isPending} act={act} />}
      {replaced && (
        <SheetStep
          job={job}
          kind="disposal"
          step="release"
          title="The old motor"
          aside="where it goes, and who agreed"
          caution="Scrap only what its owner gave up, in writing."
        />
      )}
      <div className="actions">
        <Button
          type="primary"
          disabled={r.holding.length > 0 || released}
          loading={change.isPending}
          onClick={() => act('signed')}
        >
          {r.people === 1 ? 'Sign it' : r.signatures.length === 0 ? 'Sign as first' : 'Sign as second'}
        </Button>
        {r.signatures.map((s) => (
          <span key={s.place}>
            {s.by}, {momentOf(s.at)}
          </span>
        ))}
      </div>
      {released && !replaced && (
        <p>
          <a href={`/api/jobs/${tag}/certificate.pdf`} target="_blank" rel="noreferrer">
            Certificate of test
          </a>{' '}
          ·{' '}
          <a href={`/api/jobs/${tag}/release-label.pdf`} target="_blank" rel="noreferrer">
            Label
          </a>
        </p>
      )}
      <Advice release={r} />
    </>
  );
}

/** What is looked at, item by item, each by name. */
function LookedAt({
  items,
  busy,
  act,
}: {
  items: Release['items'];
  busy: boolean;
  act: (what: string, place: string) => void;
}) {
  const shown = useShown();
  return (
    <ol className="parts" aria-label="Looked at before it leaves">
      {items.map((i) => (
        <li key={i.item} className="fitting">
          <div className="part">
            <Mark verdict={i.done ? 'holds' : 'unproven'} />
            <div className="grow">
              {shown(i.label)}
              {i.done && (
                <div className="soft small">
                  {i.done.by}, {momentOf(i.done.at)}
                </div>
              )}
            </div>
            <Button
              type={i.done ? 'text' : 'default'}
              disabled={busy}
              aria-label={`${i.label}: ${i.done ? 'not done after all' : 'done'}`}
              onClick={() => act(i.done ? 'unchecked' : 'checked', i.item)}
            >
              {i.done ? 'not done after all' : 'Done'}
            </Button>
          </div>
        </li>
      ))}
    </ol>
  );
}

function Advice({ release: r }: { release: Release }) {
  const shown = useShown();
  return (
    <>
      <h2>Advice to the customer</h2>
      <ul>
        {r.relays.map((s) => (
          <li key={s.sentence}>{shown(s.sentence)}</li>
        ))}
        {r.advice.map((a) => (
          <li key={a}>{a}</li>
        ))}
        {r.open.map((o) => (
          <li key={o}>{o}</li>
        ))}
      </ul>
    </>
  );
}
