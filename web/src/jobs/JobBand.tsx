import { useNavigate } from 'react-router';
import type { JobView } from '../api/types';
import { hours, money } from '../quantity/figures';
import { useShown } from '../quantity/units';
import { useMoney } from '../settings/useSettings';
import { Mark } from '../verdict/Mark';
import { GATE_SHAPES, GATE_WORDS } from '../job/gateWords';

/** What must never be out of sight: whose motor, what it is, what the outage has cost, and whether it may be put on power. */
export function JobBand({ job }: { job: JobView }) {
  const navigate = useNavigate();
  const inMoney = useMoney();
  const shown = useShown();
  const id = job.identity;
  const first = job.gate.holding[0];
  const more = job.gate.holding.length - 1;
  return (
    <>
      <div className="whose">
        <span className="tag">{id.tag}</span>
        <dl>
          <dt>
            {id.machine}, {id.customer}
          </dt>
          <dd>{shown(id.motor) || 'plate not read'}</dd>
        </dl>
        <dl className="wide">
          <dt>in the shop</dt>
          <dd>{hours(id.hoursInShop)}</dd>
        </dl>
        {id.outageCostPerHour > 0 && (
          <dl className="wide">
            <dt>outage{inMoney}</dt>
            <dd>{money(id.outageSoFar)}</dd>
          </dl>
        )}
      </div>
      <div className="grow" />
      <button
        type="button"
        className="gate"
        data-state={job.gate.state}
        onClick={() => void navigate(`/jobs/${id.tag}/gate`)}
      >
        <Mark verdict={GATE_SHAPES[job.gate.state]} size={26} light />
        <span>
          <strong>
            {GATE_WORDS[job.gate.state]}
            {more > 0 && <small> · {more + 1} reasons</small>}
          </strong>
          <span className="why">
            {job.gate.demonstration && <small>demonstration · </small>}
            {first ? shown(first.sentence) : 'nothing holds it'}
          </span>
        </span>
      </button>
    </>
  );
}
