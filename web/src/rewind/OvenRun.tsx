import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { call } from '../api/http';
import type { FaultWords, JobView } from '../api/types';
import { RunPanel } from '../instruments/RunPanel';
import { useChange } from '../job/useJob';
import { Picks } from '../quantity/Picks';
import { plain } from '../quantity/figures';
import { Loading } from '../ui/Loading';
import type { OvenPoint } from './OvenChart';

const OvenChart = lazy(() => import('./OvenChart').then((m) => ({ default: m.OvenChart })));

const PACES = [
  ['600', '600 times'],
  ['3600', 'An hour a second'],
  ['36000', '10 hours a second'],
] as const;

const HEAT = { label: 'Heat off', told: 'Heat off. What was read until then is kept', cuts: true };

/** The simulated oven: what the sensor on the part shows as it comes, kept by the server and marked as simulated. */
export function OvenRun({ job, bake, ready }: { job: JobView; bake: boolean; ready: boolean }) {
  const tag = job.identity.tag;
  const [points, setPoints] = useState<OvenPoint[]>([]);
  const words = useQuery({
    queryKey: ['faults', tag],
    queryFn: () => call<FaultWords>('GET', `/api/jobs/${tag}/instruments/faults`),
    staleTime: Infinity,
  });
  const set = useChange(tag);
  const last = points[points.length - 1];
  return (
    <details>
      <summary>Simulated oven, for practice</summary>
      <p className="small soft">A model, not your oven. What it reads is kept here, and marked.</p>
      <Picks
        label="What goes wrong with it"
        value={job.simulatedMotor.ovenFault}
        options={(words.data?.oven ?? []).map((w) => [w.code, w.label] as const)}
        onPick={(ovenFault) =>
          set.mutate({
            method: 'PUT',
            path: 'instruments/motor',
            body: { ...job.simulatedMotor, ovenFault },
          })
        }
      />
      {!ready && <p className="small">Keep the sheet first; the oven reads the part that is on it.</p>}
      <RunPanel<OvenPoint>
        tag={tag}
        instrument="oven"
        body={{ bake }}
        start={bake ? 'Bake in the simulated oven' : 'Burn out in the simulated oven'}
        disabled={!ready}
        paces={PACES}
        ends={HEAT}
        onStart={() => setPoints([])}
        onReading={(p) => setPoints((before) => [...before, p])}
      />
      {last && (
        <>
          <p className="big" role="status" aria-label="The part is at">
            {plain(last.partC)} °C, {plain(last.minutes)} min
          </p>
          <Suspense fallback={<Loading />}>
            <OvenChart points={points} />
          </Suspense>
        </>
      )}
    </details>
  );
}
