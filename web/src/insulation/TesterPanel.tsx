import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { JobView } from '../api/types';
import { Trouble } from '../forms/Trouble';
import { runTester } from '../instruments/tester';
import { clock } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { useKeys } from '../shell/keys';
import type { Row, Typing } from './reading';

const PACES = [
  ['1', 'Real time'],
  ['60', '60 times'],
  ['600', '600 times'],
] as const;

/** The simulated tester: start, its clock, voltage off; readings go into the form as they come. */
export function TesterPanel({
  job,
  draft,
  change,
}: {
  job: JobView;
  draft: Typing;
  change: (next: Typing) => void;
}) {
  const [pace, setPace] = useState<(typeof PACES)[number][0]>('60');
  const [left, setLeft] = useState<number>();
  const [error, setError] = useState<unknown>();
  const client = useQueryClient();
  const stop = useRef<AbortController | null>(null);
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  }, [draft]);
  useEffect(() => () => stop.current?.abort(), []);
  const running = left !== undefined;

  async function start() {
    const abort = new AbortController();
    stop.current = abort;
    setError(undefined);
    setLeft(600);
    const rows: Row[] = [];
    try {
      await runTester(job.identity.tag, 600, Number(pace), abort.signal, (r) => {
        setLeft(r.secondsLeft);
        rows.push({
          seconds: String(r.seconds),
          megohm: `${r.overRange ? '> ' : ''}${Number(r.megohm.toPrecision(4))}`,
        });
        const temperature = `${job.simulatedMotor.windingTemperatureC} °C`;
        change({
          ...latest.current,
          windingTemperatureC: latest.current.windingTemperatureC || temperature,
          readings: [...rows],
          simulated: true,
        });
      });
    } catch (failed) {
      setError(failed);
    } finally {
      stop.current = null;
      setLeft(undefined);
      // Voltage was on the winding, however it ended: the discharge clock stands on the job now.
      void client.invalidateQueries({ queryKey: ['job', job.identity.tag] });
    }
  }
  const abort = () => stop.current?.abort();
  const keys = useMemo(() => [{ key: 'Escape', label: 'voltage off', run: () => stop.current?.abort() }], []);
  useKeys(keys);
  return (
    <section className="tester">
      <Trouble error={error} />
      <Picks
        label="Simulated tester, its clock"
        value={pace}
        options={PACES}
        onPick={setPace}
        disabled={running}
      />
      {running ? (
        <Button danger onClick={abort}>
          Voltage off · {clock(left)} to go
        </Button>
      ) : (
        <Button onClick={() => void start()}>Start the simulated tester</Button>
      )}
    </section>
  );
}
