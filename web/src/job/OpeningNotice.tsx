import type { JobView } from '../api/types';
import { Mark } from '../verdict/Mark';

/** Why this motor may not be opened here, and what would open the gate. */
export function OpeningNotice({ job }: { job: JobView }) {
  if (job.opening.open) {
    return null;
  }
  return (
    <div className="notice" role="alert">
      <Mark verdict="stop" size={24} />
      <div>
        {job.opening.holding.map((r) => (
          <div key={r.code}>
            <strong>{r.sentence}.</strong> {r.opens}.
          </div>
        ))}
      </div>
    </div>
  );
}
