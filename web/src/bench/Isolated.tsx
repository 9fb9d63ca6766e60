import type { JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { useChange } from '../job/useJob';
import { ManyPicks } from '../quantity/Picks';

/** What a high voltage would harm, each named as removed or shorted before it goes on. */
export function Isolated({ job }: { job: JobView }) {
  const isolate = useChange(job.identity.tag);
  return (
    <>
      <ManyPicks
        label="Removed or shorted, each by name"
        options={job.bench.auxiliaries.map((a) => [a, a] as const)}
        values={job.bench.isolated}
        onChange={(names) => isolate.mutate({ method: 'POST', path: 'isolated', body: { names } })}
      />
      <ErrorNotice error={isolate.error} />
    </>
  );
}
