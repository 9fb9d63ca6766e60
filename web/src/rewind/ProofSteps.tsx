import type { JobView } from '../api/types';
import { plain } from '../quantity/figures';
import { Judged } from '../verdict/Judged';
import { Holds } from './Holds';
import { ProofTable } from './ProofTable';
import './rewind.css';

/** The new winding proved while a coil can still be changed. */
export function BareProofStep({ job }: { job: JobView }) {
  const proof = job.rewind.bare;
  return (
    <>
      <div className="head">
        <h1>Before varnish</h1>
        <span className="soft">measured beside what the winding predicts</span>
      </div>
      <p className="caution">
        Bare turns: surge at the reduced level for a winding without varnish. Locked out, leads apart, nobody
        at the winding; ground it after each direct voltage.
      </p>
      <Holds job={job} step="rewind/before-varnish" />
      {job.rewind.field.map((plan) => (
        <p key={plan.name}>
          Turning field, {plan.name}, {plan.poles} poles: put <b>{plain(plan.voltageV)} V</b> between lines. A
          sound winding draws about {plain(plan.currentA, 2)} A there,{' '}
          {plain((100 * plan.currentA) / plan.ratedCurrentA, 2)} % of its rated {plain(plan.ratedCurrentA, 3)}{' '}
          A. A rough estimate: begin at half of it, and watch the amperes.
        </p>
      ))}
      {proof && (
        <>
          <Judged judgement={proof.judgement} />
          <ProofTable tag={job.identity.tag} proof={proof} bare />
        </>
      )}
    </>
  );
}

/** The finished motor proved, each figure beside what it read before. */
export function ProveStep({ job }: { job: JobView }) {
  return (
    <>
      <div className="head">
        <h1>Proof</h1>
        <span className="soft">as received · before varnish · now</span>
      </div>
      <p className="caution">
        In the order of the bench: resistance, insulation, high voltage, then power. Both speeds. A repeat of
        the full withstand is made at 80 %.
      </p>
      <Judged judgement={job.proof.judgement} />
      <ProofTable tag={job.identity.tag} proof={job.proof} />
    </>
  );
}
