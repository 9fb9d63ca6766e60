import type { JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';

/** Work as the record names it, and as the shop says it. */
const WORKS = [
  ['opened', 'Opened'],
  ['washed', 'Washed'],
  ['dried', 'Dried'],
  ['dipped', 'Dipped'],
  ['baked', 'Baked'],
  ['machined', 'Machined'],
  ['repaired', 'Winding repaired'],
  ['reconnected', 'Reconnected'],
  ['stripped', 'Stripped'],
  ['partly-rewound', 'Partly rewound'],
  ['rewound', 'Rewound'],
  ['reassembled', 'Put together'],
] as const;

/** What was done to the motor since: it makes tests unproven that the work can have harmed. */
export function Worked({ job }: { job: JobView }) {
  const work = useChange(job.identity.tag);
  return (
    <details>
      <summary>Record what was done to the motor since</summary>
      <ErrorNotice error={work.error} />
      <div className="picks">
        {WORKS.map(([w, label]) => (
          <button
            key={w}
            type="button"
            className="pick"
            onClick={() => work.mutate({ method: 'POST', path: 'worked', body: { work: w } })}
          >
            {label}
          </button>
        ))}
      </div>
    </details>
  );
}
