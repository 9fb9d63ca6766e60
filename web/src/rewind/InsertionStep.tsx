import { Button } from 'antd';
import type { JobView } from '../api/types';
import { useChange } from '../job/useJob';
import { momentOf } from '../quantity/figures';
import { ErrorNotice } from '../ui/ErrorNotice';
import { held, Holds } from './Holds';
import './rewind.css';

type Ring = NonNullable<JobView['rewind']['insertion']>;

const OUTER = 196;
const INNER = 128;

function at(angle: number, radius: number): string {
  return `${(radius * Math.sin(angle)).toFixed(2)} ${(-radius * Math.cos(angle)).toFixed(2)}`;
}

/** The stator fills as its coils go in: one tap a coil, by whom; it opens again at the slot where the hands were. */
export function InsertionStep({ job }: { job: JobView }) {
  const change = useChange(job.identity.tag);
  const ring = job.rewind.insertion;
  const shut = held(job, 'rewind/insertion');
  const tap = (act: string, slot: number) =>
    change.mutate({ method: 'POST', path: 'hands', body: { act, place: String(slot) } });
  const last = ring?.coils.find((c) => c.slot === ring.last);
  const next = ring?.coils.find((c) => c.slot === ring.next);
  return (
    <>
      <div className="head">
        <h1>Insertion</h1>
        <span className="soft">{ring ? `${ring.in} of ${ring.coils.length} coils in` : 'no design yet'}</span>
      </div>
      <p className="caution">
        Slot liner in, no burr, no enamel scraped. A coil that is forced is a coil that fails: take it out.
      </p>
      <Holds job={job} step="rewind/insertion" />
      <ErrorNotice error={change.error} />
      {ring && (
        <div className="ringed">
          <Stator ring={ring} shut={shut || change.isPending} tap={tap} />
          <div>
            <p className="hands" role="status">
              {ring.hands}
            </p>
            {next && (
              <Button
                type="primary"
                className="large"
                disabled={shut || change.isPending}
                onClick={() => tap('coil-in', next.slot)}
              >
                Coil in: slot {next.slot} to {next.farSlot}
              </Button>
            )}
            {next?.barrier && (
              <p className="soft">First coil of group {next.group}: phase barrier in first.</p>
            )}
            {ring.up.length > 0 && (
              <p className="soft">
                One side up: {ring.up.join(', ')}. They go down as the slots under them fill.
              </p>
            )}
            {last && (
              <p>
                Last: slot {last.slot}, {last.done?.by}, {momentOf(last.done?.at ?? 0)}{' '}
                <Button disabled={shut || change.isPending} onClick={() => tap('coil-out', last.slot)}>
                  Out again
                </Button>
              </p>
            )}
          </div>
        </div>
      )}
    </>
  );
}

function Stator({
  ring,
  shut,
  tap,
}: {
  ring: Ring;
  shut: boolean;
  tap: (act: string, slot: number) => void;
}) {
  const n = ring.coils.length;
  return (
    <svg viewBox="-205 -205 410 410" className="insertion" role="group" aria-label="Slots of the stator">
      {ring.coils.map((c, k) => {
        const from = (2 * Math.PI * k) / n + 0.008;
        const to = (2 * Math.PI * (k + 1)) / n - 0.008;
        const state = c.done
          ? ring.up.includes(c.slot)
            ? 'up'
            : 'in'
          : c.slot === ring.next
            ? 'next'
            : 'free';
        const act = c.done ? 'coil-out' : 'coil-in';
        return (
          <g key={c.slot}>
            <path
              className={`slot ${state}`}
              role="button"
              tabIndex={shut ? -1 : 0}
              aria-disabled={shut}
              aria-label={`Slot ${c.slot}, group ${c.group}: ${c.done ? `in, ${c.done.by}` : 'free'}`}
              d={`M ${at(from, OUTER)} A ${OUTER} ${OUTER} 0 0 1 ${at(to, OUTER)} L ${at(to, INNER)} A ${INNER} ${INNER} 0 0 0 ${at(from, INNER)} Z`}
              onClick={() => !shut && tap(act, c.slot)}
              onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && !shut && tap(act, c.slot)}
            />
            {c.barrier && (
              <path
                d={`M ${at(from - 0.008, INNER - 12)} L ${at(from - 0.008, OUTER + 6)}`}
                className="barrier"
              />
            )}
            {(n <= 48 || c.barrier) && (
              <text
                x={112 * Math.sin((from + to) / 2)}
                y={4 - 112 * Math.cos((from + to) / 2)}
                textAnchor="middle"
                fontSize={n > 36 ? 10 : 12}
              >
                {c.slot}
              </text>
            )}
          </g>
        );
      })}
      <text textAnchor="middle" y="8" fontSize="26" fontWeight="600">
        {ring.in} / {n}
      </text>
    </svg>
  );
}
