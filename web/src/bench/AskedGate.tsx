import { Input } from 'antd';
import { Link } from 'react-router';
import type { GateReason, JobView, TestKind } from '../api/types';
import { GATE_WORDS } from '../job/gateWords';
import { Isolated } from './Isolated';

/** What holds the gate that a test asks; undefined where it may be made. */
export function gateHolds(job: JobView, test: TestKind): GateReason | undefined {
  if (test.asks === 'high-voltage') {
    return job.highVoltage.holding[0];
  }
  const runs: readonly string[] = job.gate.mayRun;
  return test.asks === 'power' && !runs.includes(test.kind) ? job.gate.holding[0] : undefined;
}

/** The gate that a test asks, where something holds it; whoever joins leads is told where the lock-out is over. */
export function AskedGate({ job, test }: { job: JobView; test: TestKind }) {
  const holding = gateHolds(job, test);
  if (!holding && test.asks === 'leads' && !job.gate.leads.mayConnect) {
    return (
      <p className="caution">
        <b>{job.gate.leads.sentence}.</b>{' '}
        <Link to={`/jobs/${job.identity.tag}/bench/dead`}>Lock out, prove dead by two means, by name</Link>
      </p>
    );
  }
  if (!holding) {
    return null;
  }
  return (
    <>
      <p className="caution">
        <b>{test.asks === 'high-voltage' ? 'High voltage blocked' : GATE_WORDS[job.gate.state]}:</b>{' '}
        {holding.sentence}.{' '}
        {holding.code !== 'auxiliaries' && holding.step && (
          <Link to={`/jobs/${job.identity.tag}/${holding.step}`}>{holding.liftedBy}</Link>
        )}
      </p>
      {holding.code === 'auxiliaries' && <Isolated job={job} />}
    </>
  );
}

/** A test that was taken before its gate allowed it is written down as such: evidence, and no proof to a gate. */
export function TakenBefore({
  needed,
  value,
  onChange,
}: {
  needed: boolean;
  value: string;
  onChange: (why: string) => void;
}) {
  if (!needed && !value) {
    return null;
  }
  return (
    <label className="field words">
      <span className="label">Taken before already? Say when and why it is entered now</span>
      <Input
        aria-label="Taken before: when, and why it is entered now"
        placeholder="leave empty to wait until the gate allows it"
        maxLength={300}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
      <span className="small soft">It counts as evidence; a gate asks for a test of its own.</span>
    </label>
  );
}
