import { Link } from 'react-router';
import { Button } from 'antd';
import type { PlanDrifted, ShownPlan } from '../api/types';
import { Mark } from '../verdict/Mark';
import { when } from './lanes';

/** When each motor is ready, and how that stands to its promise. */
export function MotorLines({
  plan,
  notPlanned,
  zone,
  onEnd,
}: {
  plan: ShownPlan;
  notPlanned: PlanDrifted['notPlanned'];
  zone: string;
  /** An expected motor is here, or will not come. */
  onEnd?: ((tag: string) => void) | undefined;
}) {
  return (
    <table className="quiet motors">
      <thead>
        <tr>
          <th>motor</th>
          <th>by the plan</th>
          <th>half by</th>
          <th>nine of ten by</th>
          <th>promised</th>
          <th>stands</th>
        </tr>
      </thead>
      <tbody>
        {plan.motors.map((m) => (
          <tr key={m.tag}>
            <td>
              {m.tag.startsWith('E-') ? <b>{m.tag}</b> : <Link to={`/jobs/${m.tag}`}>{m.tag}</Link>} {m.words}
              {m.assumed.map((a) => (
                <small key={a} className="soft" style={{ display: 'block' }}>
                  {a}
                </small>
              ))}
              {m.tag.startsWith('E-') && onEnd && (
                <Button size="small" onClick={() => onEnd(m.tag)}>
                  Arrived, or not coming
                </Button>
              )}
            </td>
            <td>{when(m.ready, zone)}</td>
            <td>{when(m.likely, zone)}</td>
            <td>{when(m.safe, zone)}</td>
            <td>
              {when(m.promised, zone)}
              {m.promised && !m.whole && <small className="soft"> needed here</small>}
            </td>
            <td>
              <Mark verdict={m.judgement.verdict} size={18} /> {m.judgement.headline}
              {m.judgement.because && (
                <small className="soft" style={{ display: 'block' }}>
                  {m.judgement.because}
                </small>
              )}
            </td>
          </tr>
        ))}
        {notPlanned.map((n) => (
          <tr key={n.tag}>
            <td>
              <Link to={`/jobs/${n.tag}`}>{n.tag}</Link> {n.words}
            </td>
            <td colSpan={4}>not planned</td>
            <td>{n.why}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
