import { useQuery } from '@tanstack/react-query';
import { call } from '../api/http';
import type { FaultWords, JobView } from '../api/types';
import { useChange } from '../job/useJob';
import { ManyPicks, Picks } from '../quantity/Picks';

const SEVERITIES = [
  ['slight', 'Slight'],
  ['moderate', 'Moderate'],
  ['severe', 'Severe'],
] as const;

const DEVICE = [
  ['none', 'Works'],
  ['lead-off', 'A lead falls off'],
  ['out-of-range', 'Goes out of range'],
] as const;

/** The motor the simulated instruments read: for training and demonstration, marked so for ever. */
export function SimulatedInstrumentPanel({ job }: { job: JobView }) {
  const tag = job.identity.tag;
  const faults = useQuery({
    queryKey: ['faults', tag],
    queryFn: () => call<FaultWords>('GET', `/api/jobs/${tag}/instruments/faults`),
    staleTime: Infinity,
  });
  const set = useChange(tag);
  const motor = job.simulatedMotor;
  const change = (part: Partial<JobView['simulatedMotor']>) =>
    set.mutate({ method: 'PUT', path: 'instruments/motor', body: { ...motor, ...part } });
  const label = (word: string) => faults.data?.motor.find((f) => f.code === word)?.label ?? word;
  return (
    <details>
      <summary>The simulated motor behind these instruments</summary>
      <p className="small soft">
        Simulated instruments read a model, not your motor. Give the model faults to train on; every reading
        stays marked as simulated.
      </p>
      <ManyPicks
        label="What is wrong with the model"
        options={(faults.data?.motor ?? []).map((f) => [f.code, f.label] as const)}
        values={motor.faults}
        onChange={(next) => change({ faults: next })}
      />
      {motor.faults.map((f) => (
        <Picks
          key={f}
          label={`How far: ${label(f)}`}
          value={(motor.severities[f] ?? 'moderate') as (typeof SEVERITIES)[number][0]}
          options={SEVERITIES}
          onPick={(severity) => change({ severities: { ...motor.severities, [f]: severity } })}
        />
      ))}
      {job.rewind.field.length > 0 && (
        <Picks
          label="What its winder did wrong"
          value={motor.windersMistake}
          options={[
            ['', 'nothing'] as const,
            ...(faults.data?.winder ?? []).map((f) => [f.code, f.label] as const),
          ]}
          onPick={(windersMistake) => change({ windersMistake })}
        />
      )}
      <Picks
        label="The instrument itself"
        value={motor.deviceFault as (typeof DEVICE)[number][0]}
        options={DEVICE}
        onPick={(deviceFault) => change({ deviceFault })}
      />
    </details>
  );
}
