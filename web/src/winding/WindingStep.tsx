import type { JobView, WindingAssessment } from '../api/types';
import { ohm, plain } from '../quantity/figures';
import { Judged } from '../verdict/Judged';
import { Mark } from '../verdict/Mark';
import { Stripping } from './Stripping';
import { TakeForm } from './TakeForm';

/** Winding data as counted, checked while they are typed, before the copper comes out. */
export function WindingStep({ job }: { job: JobView }) {
  return (
    <TakeForm
      job={job}
      kind="winding"
      title="Winding data"
      aside="two-layer lap, taken before anything is stripped"
      next="winding/second"
      judged={(preview) => (
        <>
          <Checked winding={preview ? preview.winding : job.winding} />
          <Stripping job={job} />
        </>
      )}
    />
  );
}

function Checked({ winding }: { winding: WindingAssessment | null }) {
  const judgement = winding?.judgement;
  const result = winding?.result;
  if (!judgement) {
    return null;
  }
  const measured = winding.measured;
  const predicted = result?.terminalOhmAt25C ?? null;
  const checks = [
    ...(result?.checks ?? []),
    ...(winding.copper ? [winding.copper] : []),
    ...(measured ? [measured] : []),
  ];
  return (
    <>
      <Judged judgement={judgement} />
      {result && (
        <div className="grid3" style={{ marginBottom: 14 }}>
          <div>
            <h3>Winding factor</h3>
            <span className="big">
              {result.windingFactor === null ? '–' : plain(result.windingFactor, 3)}
            </span>
            <span className="soft small">
              {result.groups} groups{result.balanced ? ', balanced' : ', not balanced'}
            </span>
          </div>
          <div>
            <h3>Copper</h3>
            <span className="big">{plain(result.copperMassKg, 3)} kg</span>
          </div>
          <div>
            <h3>Between terminals, 25 °C</h3>
            <span className="big">{predicted === null ? '–' : ohm(predicted)}</span>
            <span className="soft small">
              {measured ? 'held against the bridge below' : 'nothing measured to hold it against'}
            </span>
          </div>
        </div>
      )}
      <table className="quiet" style={{ marginBottom: 16 }}>
        <tbody>
          {checks.map((c) => (
            <tr key={c.headline}>
              <td style={{ width: 30 }}>
                <Mark verdict={c.verdict} />
              </td>
              <td>{c.headline}</td>
              <td className="small soft">{c.next}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
