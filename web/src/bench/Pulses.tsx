import { useQueryClient } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { JobView } from '../api/types';
import { ErrorNotice } from '../ui/ErrorNotice';
import { RunPanel } from '../instruments/RunPanel';
import { useChange } from '../job/useJob';
import { plain } from '../quantity/figures';
import { Mark } from '../verdict/Mark';
import type { Pulsed } from './PulseChart';
import { ReadFile } from './TestFile';
import { Loading } from '../ui/Loading';

const PulseChart = lazy(() => import('./PulseChart').then((m) => ({ default: m.PulseChart })));

/** Pulses of rising voltage, lead after lead: each over the one before, and the table of what changed. */
export function Pulses({
  job,
  speed,
  because,
  rotorFitted,
  set,
  ready,
  kept,
}: {
  job: JobView;
  speed: number;
  because: string;
  rotorFitted: boolean;
  set: (rotorFitted: boolean) => void;
  ready: boolean;
  kept: () => void;
}) {
  const [given, setGiven] = useState<Pulsed[]>([]);
  const client = useQueryClient();
  const record = useChange(job.identity.tag, kept);
  const last = given[given.length - 1];
  const onLead = given.filter((p) => p.lead === last?.lead);
  return (
    <>
      <Checkbox checked={rotorFitted} onChange={(e) => set(e.target.checked)}>
        Rotor is in
      </Checkbox>
      {job.gate.demonstration && (
        <RunPanel<Pulsed>
          tag={job.identity.tag}
          instrument="surge-rise"
          body={{ rotorFitted, because, speed }}
          start="Give rising pulses"
          disabled={!ready}
          onStart={() => setGiven([])}
          onReading={(p) => setGiven((before) => [...before, p])}
          onEnd={(end) => {
            if (end && !end.aborted) {
              void client.invalidateQueries({ queryKey: ['job', job.identity.tag] }).then(kept);
            }
          }}
        />
      )}
      <ReadFile
        tag={job.identity.tag}
        kind="surge-rise"
        onRead={(typed) =>
          record.mutate({
            method: 'POST',
            path: 'tests/surge-rise',
            body: { typed, because, speed },
          })
        }
      />
      <ErrorNotice error={record.error} />
      {last && (
        <>
          <Suspense fallback={<Loading />}>
            <PulseChart pulses={onLead} />
          </Suspense>
          <table className="quiet" aria-label="Pulse against pulse">
            <thead>
              <tr>
                <th aria-label="verdict" />
                <th>lead {last.lead}</th>
                <th className="n">differs from the one before</th>
                <th className="n">limit</th>
              </tr>
            </thead>
            <tbody>
              {onLead.map((p) => (
                <tr key={p.peakVoltageV}>
                  <td style={{ width: 30 }}>
                    <Mark verdict={p.verdict} />
                  </td>
                  <td className="n">{Math.round(p.peakVoltageV)} V</td>
                  <td className="n">
                    {p.differencePercent === null ? '–' : `${plain(p.differencePercent, 3)} %`}
                  </td>
                  <td className="n">{p.limitPercent > 0 ? `${p.limitPercent} %` : '–'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </>
  );
}
