import { useQuery } from '@tanstack/react-query';
import { call } from '../api/http';
import type { FaultWord, JobView } from '../api/types';
import { useChange } from '../jobs/useJob';
import { ManyPicks } from '../quantity/Picks';

/** The motor the simulated instruments read: for training and demonstration, marked so for ever. */
export function StandIn({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const faults = useQuery({
    queryKey: ['faults'],
    queryFn: () => call<FaultWord[]>('GET', `/api/jobs/${tag}/instruments/faults`),
    staleTime: Infinity,
  });
  const set = useChange(tag);
  return (
    <details>
      <summary>The simulated motor behind these instruments</summary>
      <p className="small soft">
        Simulated instruments read a model, not your motor. Give the model faults to train on; every reading
        stays marked as simulated.
      </p>
      <ManyPicks
        label="What is wrong with the model"
        options={(faults.data ?? []).map((f) => [f.word, f.spoken] as const)}
        values={job.simulatedMotor.faults}
        onChange={(next) =>
          set.mutate({
            method: 'PUT',
            path: 'instruments/motor',
            body: { faults: next, windingTemperatureC: job.simulatedMotor.windingTemperatureC },
          })
        }
      />
    </details>
  );
}
