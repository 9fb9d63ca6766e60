import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { call } from '../api/http';
import type { JobView, SurgeSet } from '../api/types';
import { plain } from '../quantity/figures';
import { Mark } from '../verdict/Mark';
import { SurgeChart } from './SurgeChart';

interface Stored {
  input: SurgeSet;
}

interface Past {
  tag: string;
  at: string;
  set: SurgeSet;
  changed: { lead: string; differencePercent: number; limitPercent: number; inside: boolean }[];
}

/** The three traces over each other, and under them those of an earlier stay of this motor, where somebody asks for them. */
export function SurgeTraces({ job, speed, takenAt }: { job: JobView; speed: number; takenAt: string }) {
  const tag = job.identity.tag;
  const [laid, setLaid] = useState<string>();
  const stored = useQuery({
    queryKey: ['traces', tag, speed, takenAt],
    queryFn: () =>
      call<Stored>('GET', `/api/jobs/${tag}/tests/surge-comparison/readings.json?speed=${speed}`),
    // A test on record never changes.
    staleTime: Infinity,
  });
  const past = useQuery({
    queryKey: ['past-traces', tag, speed],
    queryFn: () => call<Past[]>('GET', `/api/jobs/${tag}/past-surges?speed=${speed}`),
    staleTime: 60_000,
  });
  const shown = stored.data?.input;
  const under = past.data?.find((p) => p.tag === laid);
  return (
    <>
      {shown && <SurgeChart set={shown} under={under?.set} />}
      {past.data && past.data.length > 0 && (
        <div className="actions">
          {past.data.map((p) => (
            <Button
              key={p.tag}
              aria-pressed={laid === p.tag}
              onClick={() => setLaid(laid === p.tag ? undefined : p.tag)}
            >
              {laid === p.tag ? 'Take off' : 'Lay over'} the traces of {p.tag}, {p.at.slice(0, 10)}
            </Button>
          ))}
        </div>
      )}
      {under?.changed.map((c) => (
        <p key={c.lead} style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
          <Mark verdict={c.inside ? 'holds' : 'stop'} size={20} /> Lead {c.lead.toUpperCase()} differs by{' '}
          {plain(c.differencePercent, 3)} % from then, limit {c.limitPercent} %
        </p>
      ))}
      {under?.changed.length === 0 && (
        <p className="small soft">
          Digitised differently then, or the rotor stood otherwise: look, but do not compute.
        </p>
      )}
    </>
  );
}
