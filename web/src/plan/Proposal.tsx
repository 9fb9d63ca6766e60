import { Button } from 'antd';
import type { ShownPlan } from '../api/types';
import { plain } from '../quantity/figures';
import { useMoney } from '../settings/useSettings';
import { usePerson } from '../session/session';
import { when } from './lanes';

const KINDS: Record<string, string> = { week: 'New plan', 'what-if': 'What if', move: 'Moved' };

/** A plan somebody has to decide about: whom it delays, by how much, at whose cost. Nothing has changed yet. */
export function Proposal({
  plan,
  before,
  zone,
  busy,
  onDecide,
}: {
  plan: ShownPlan;
  /** The plan people were told. */
  before: ShownPlan | null;
  zone: string;
  busy: boolean;
  onDecide: (how: 'accept' | 'discard') => void;
}) {
  const person = usePerson();
  const may = person.role !== 'technician';
  const money = useMoney().replace(', ', ' ');
  const asked = plan.motors.find((m) => m.tag === plan.expectedTag);
  const delayed = plan.against?.delayed ?? [];
  const cost = (figure: number) => `${plain(Math.round(figure), 6)}${money}`;
  return (
    <section className="proposal" aria-label="Plan to decide about">
      <h2>
        {KINDS[plan.kind] ?? plan.kind}: {plan.question}
      </h2>
      <p>
        {plan.cost.late === 1 ? 'One motor is' : `${plan.cost.late} motors are`} late by it, at{' '}
        {cost(plan.cost.lateness)}
        {before && ` (now ${before.cost.late}, ${cost(before.cost.lateness)})`}.{' '}
        {plan.against &&
          (plan.against.changes === 0
            ? 'Nothing people do in the next four hours changes.'
            : `${plan.against.changes} ${plan.against.changes === 1 ? 'task' : 'tasks'} of the next four hours change.`)}{' '}
        Proved by all {plan.rulesProved} rules.
      </p>
      {asked && (
        <p>
          <b>{asked.words}</b>: promise {when(asked.safe, zone)}, ready by then in nine of ten draws; in half
          of them by {when(asked.likely, zone)}. If every task takes its usual time it would be ready{' '}
          {when(asked.ready, zone)}
          {asked.promised && `; wanted ${when(asked.promised, zone)}`}.
        </p>
      )}
      {plan.against &&
        (delayed.length === 0 ? (
          <p>No motor is ready later than people were told.</p>
        ) : (
          <table className="quiet ruled">
            <thead>
              <tr>
                <th>later</th>
                <th>ready before</th>
                <th>ready now</th>
                <th className="n">costs its customer</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {delayed.map((d) => (
                <tr key={d.tag}>
                  <td>
                    {d.tag} {d.words}
                  </td>
                  <td>{when(d.before, zone)}</td>
                  <td>{when(d.after, zone)}</td>
                  <td className="n">{cost(d.money)}</td>
                  <td>{d.breaksPromise ? 'breaks its promise' : ''}</td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      {may && (
        <div className="actions">
          <Button type="primary" disabled={busy} onClick={() => onDecide('accept')}>
            Accept as {person.displayName}
          </Button>
          <Button disabled={busy} onClick={() => onDecide('discard')}>
            Discard
          </Button>
          <span className="soft small">nothing has changed until somebody accepts it</span>
        </div>
      )}
    </section>
  );
}
