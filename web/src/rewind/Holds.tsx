import { Link } from 'react-router';
import type { JobView } from '../api/types';
import { Mark } from '../verdict/Mark';

/** What holds a step, each with the way to where it is lifted. */
export function Holds({ job, step }: { job: JobView; step: string }) {
  const holding = job.rewind.gates[step] ?? [];
  if (holding.length === 0) {
    return null;
  }
  return (
    <section className="caution" aria-label="What holds this step">
      <b>This step is held.</b>
      <ul className="holds">
        {holding.map((h) => (
          <li key={h.code}>
            <Mark verdict="stop" size={16} /> {h.sentence}.{' '}
            <Link to={`/jobs/${job.identity.tag}/${h.step}`}>{h.opens}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

export function held(job: JobView, step: string): boolean {
  return (job.rewind.gates[step] ?? []).length > 0;
}
