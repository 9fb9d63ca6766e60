import { useRef } from 'react';
import type { JobView } from '../api/types';
import { RunPanel } from '../instruments/RunPanel';
import type { Row, Typing } from './reading';

interface TesterReading {
  seconds: number;
  megohm: number;
  overRange: boolean | null;
}

/** The simulated insulation tester: readings go into the form as they come. */
export function TesterPanel({
  job,
  change,
}: {
  job: JobView;
  change: (step: (before: Typing) => Typing) => void;
}) {
  const rows = useRef<Row[]>([]);
  return (
    <RunPanel<TesterReading>
      tag={job.identity.tag}
      instrument="insulation-tester"
      body={{ seconds: 600 }}
      start="Start the simulated tester"
      onStart={() => {
        rows.current = [];
      }}
      onBegun={({ testVoltageV }) => {
        if (testVoltageV !== null) {
          change((before) => ({ ...before, appliedVoltageV: `${testVoltageV} V` }));
        }
      }}
      onReading={(r) => {
        rows.current = [
          ...rows.current,
          {
            seconds: String(r.seconds),
            megohm: `${r.overRange ? '> ' : ''}${Number(r.megohm.toPrecision(4))}`,
          },
        ];
        const temperature = `${job.simulatedMotor.windingTemperatureC} °C`;
        const readings = rows.current;
        change((before) => ({
          ...before,
          windingTemperatureC: before.windingTemperatureC || temperature,
          readings,
          simulated: true,
        }));
      }}
    />
  );
}
