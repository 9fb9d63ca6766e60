import type { JobView } from '../api/types';
import { Stripping } from './Stripping';
import { TakeForm } from './TakeForm';

/** The same winding by another pair of eyes, who do not see what the first ones counted until theirs is kept. */
export function SecondTakeStep({ job }: { job: JobView }) {
  return (
    <TakeForm
      job={job}
      kind="winding-second"
      title="Second take"
      aside={
        (job.release.look.onePerson ? 'ten minutes later or by another person' : 'by another person') +
        ', counted anew; what differs is shown when it is kept'
      }
      next="winding/second"
      judged={() => (
        <>
          <Stripping job={job} />
          <Differences job={job} />
        </>
      )}
    />
  );
}

function Differences({ job }: { job: JobView }) {
  const { differences, secondBy } = job.winding;
  if (!secondBy || differences.length === 0) {
    return null;
  }
  return (
    <section style={{ marginBottom: 16 }}>
      <h2>Unlike: count again together, and correct the take that is wrong</h2>
      <table className="quiet">
        <thead>
          <tr>
            <th />
            <th>first take</th>
            <th>second take, {secondBy}</th>
            <th>may differ by</th>
          </tr>
        </thead>
        <tbody>
          {differences.map((d) => (
            <tr key={d.label}>
              <td>{d.label}</td>
              <td className="figure">{d.first}</td>
              <td className="figure">{d.second}</td>
              <td className="soft small">{d.alikePercent === 0 ? 'nothing' : `${d.alikePercent} %`}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
