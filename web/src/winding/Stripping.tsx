import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { JobView } from '../api/types';
import { useChange } from '../job/useJob';
import { usePerson } from '../session/session';
import { ErrorNotice } from '../ui/ErrorNotice';
import { Mark } from '../verdict/Mark';

/** Whether the copper may come out; what holds it, and the word that settles the data. */
export function Stripping({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const person = usePerson();
  const lead = person.role === 'lead' || person.role === 'admin';
  const [reason, setReason] = useState('');
  const settle = useChange(tag, () => setReason(''));
  const { stripping, stages } = job.winding;
  if (stages.length === 0 && !job.coilSets && !lead) {
    return null;
  }
  if (stripping.open) {
    return (
      <p className="caution">
        <Mark verdict="holds" size={22} /> The winding may come out: data settled by {stripping.settled}. A
        change of a take unsettles them.
      </p>
    );
  }
  const post = () => settle.mutate({ method: 'POST', path: 'winding/settle', body: { reason } });
  return (
    <section className="caution" aria-label="Stripping">
      <b>The winding stays in.</b>{' '}
      {stripping.holding.map((h) => (
        <span key={h.code}>
          {h.sentence}: <Link to={`/jobs/${tag}/${h.step}`}>{h.opens}</Link>.{' '}
        </span>
      ))}
      <ErrorNotice error={settle.error} />
      {!stripping.waivable && (
        <Button type="primary" loading={settle.isPending} onClick={post}>
          Settle the data
        </Button>
      )}
      {stripping.waivable && lead && (
        <details>
          <summary>Settle it in spite of that, as lead hand</summary>
          <span className="picks">
            <Input
              style={{ width: 360 }}
              aria-label="Why it is settled so"
              placeholder="why: burnt to ash, nothing left to count"
              value={reason}
              onPressEnter={(e) => e.preventDefault()}
              onChange={(e) => setReason(e.target.value)}
            />
            <Button disabled={!reason.trim()} loading={settle.isPending} onClick={post}>
              Settle it
            </Button>
          </span>
        </details>
      )}
    </section>
  );
}
