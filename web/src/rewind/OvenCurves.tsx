import { lazy, Suspense } from 'react';
import type { JobView } from '../api/types';
import { Loading } from '../ui/Loading';

const OvenChart = lazy(() => import('./OvenChart').then((m) => ({ default: m.OvenChart })));

/** The ovens of a step as they were kept, drawn with their limits. */
export function OvenCurves({ job, step }: { job: JobView; step: string }) {
  return job.rewind.ovens
    .filter((o) => o.step === step)
    .map((o) => (
      <figure key={o.name} className="oven">
        <figcaption className="soft small">
          {o.name}
          {o.simulated && ', read from the simulated oven'}
        </figcaption>
        <Suspense fallback={<Loading />}>
          <OvenChart points={o.readings} levels={o} />
        </Suspense>
      </figure>
    ));
}
