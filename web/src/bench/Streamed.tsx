import { useRef, useState } from 'react';
import type { JobView, Typed } from '../api/types';
import { RunPanel } from '../instruments/RunPanel';
import type { Streaming } from '../instruments/streams';

/** A test as it is being entered. */
export interface Entered {
  typed: Typed;
  simulated: boolean;
  because: string;
  correction: boolean;
  instrument: number | null;
  /** The voltage of an insulation test, which its readings do not hold. */
  appliedVoltageV: string;
  /** Why it is entered now although it was taken before. */
  takenBefore: string;
}

interface Leakage {
  step: number;
  voltageV: number;
  microamp: number;
  last: boolean;
}

const figures = (value: number) => String(Number(value.toPrecision(5)));

/** Steps of a ramp, or a voltage held, as the simulated set shows them. */
export function Streamed({
  job,
  kind,
  stream,
  typed,
  arrived,
}: {
  job: JobView;
  kind: string;
  stream: Streaming;
  typed: Typed;
  arrived: (typed: Typed, part: Partial<Entered>) => void;
}) {
  const steps = useRef<{ voltageV: string; microamp: string }[]>([]);
  const [live, setLive] = useState<Leakage>();
  return (
    <>
      <RunPanel<Leakage>
        tag={job.identity.tag}
        instrument={stream.path}
        body={{}}
        start={stream.start}
        disabled={!job.highVoltage.permitted}
        onStart={() => {
          steps.current = [];
          setLive(undefined);
        }}
        onReading={(r) => {
          setLive(r);
          if (r.last && kind === 'step-voltage') {
            steps.current = [
              ...steps.current,
              { voltageV: figures(r.voltageV), microamp: figures(r.microamp) },
            ];
            arrived({ steps: steps.current }, { simulated: true });
          }
        }}
        onEnd={(end) => {
          if (kind === 'withstand-record' && end && live) {
            arrived(
              {
                ...typed,
                supply: 'direct',
                appliedVoltageV: figures(live.voltageV),
                heldSeconds: figures(end.seconds),
                brokeDown: end.fault.startsWith('Breakdown'),
                microamp: figures(live.microamp),
              },
              { simulated: true },
            );
          } else if (end?.fault && steps.current.length > 0) {
            arrived({ steps: steps.current }, { simulated: true, because: end.fault });
          }
        }}
      />
      {live && (
        <p className="big" role="status" aria-label="The set shows">
          {Math.round(live.voltageV)} V · {figures(live.microamp)} µA
        </p>
      )}
    </>
  );
}
