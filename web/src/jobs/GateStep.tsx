import { Link } from 'react-router';
import type { JobView } from '../api/types';
import { Mark } from '../verdict/Mark';

const STATES = {
  shut: 'Power: shut',
  'test-power': 'Power: test power only, reduced or current-limited, guarded',
  open: 'Power: open',
} as const;

/** Why the gate stands where it stands, and what opens it. */
export function GateStep({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  return (
    <>
      <div className="head">
        <h1>{STATES[job.gate.state]}</h1>
        <span className="soft">computed from the record, never ticked</span>
      </div>
      <p style={{ marginBottom: 12 }}>{job.gate.leads.sentence}.</p>
      <Reasons title="What holds it" none="Nothing holds it." tag={tag} rows={job.gate.holding} />
      <h2 style={{ margin: '26px 0 8px' }}>High voltage: {job.highVoltage.open ? 'open' : 'shut'}</h2>
      <Reasons
        title="What holds it"
        none="Withstand and surge may be applied."
        tag={tag}
        rows={job.highVoltage.holding}
      />
      <p className="caution">
        Lock out and prove dead before a lead is touched; ground every winding after a test. Local codes, the
        test equipment’s instructions and licensed practice come first.
      </p>
    </>
  );
}

function Reasons({
  title,
  none,
  tag,
  rows,
}: {
  title: string;
  none: string;
  tag: string;
  rows: JobView['gate']['holding'];
}) {
  if (rows.length === 0) {
    return <p>{none}</p>;
  }
  return (
    <table className="quiet">
      <thead>
        <tr>
          <th aria-label="verdict" />
          <th>{title}</th>
          <th>Opens with</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.code}>
            <td style={{ width: 30 }}>
              <Mark verdict="stop" />
            </td>
            <td>
              <b>{r.sentence}</b>
              {r.never && <div className="small soft">nobody may open the gate against this</div>}
            </td>
            <td>{r.step === 'run' ? r.opens : <Link to={`/jobs/${tag}/${r.step}`}>{r.opens}</Link>}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
