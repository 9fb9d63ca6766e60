import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { call } from '../api/http';
import { ErrorNotice } from '../ui/ErrorNotice';
import { clock } from '../quantity/figures';
import { Picks } from '../quantity/Picks';
import { useKeys } from '../ui/keys';
import { Mark } from '../verdict/Mark';
import { runInstrument, type Begun, type RunEnd } from './stream';

const PACES = [
  ['1', 'Real time'],
  ['60', '60 times'],
  ['600', '600 times'],
] as const;

/** What ends a run before its time: its words, and whether cutting the stream is all that is needed. */
export interface Off {
  label: string;
  told: string;
  cuts: boolean;
}

const VOLTAGE: Off = { label: 'Voltage off', told: 'Voltage taken off before its time', cuts: false };

/**
 * A simulated instrument that puts a voltage on: start, the time left, voltage off. Leaving the page takes the voltage off as
 * well.
 */
export function RunPanel<R>({
  tag,
  instrument,
  body,
  start,
  disabled = false,
  paces = PACES,
  ends = VOLTAGE,
  onStart,
  onBegun,
  onReading,
  onEnd,
}: {
  tag: string;
  instrument: string;
  body: object;
  /** What the button that starts it says. */
  start: string;
  disabled?: boolean;
  /** How fast its clock may go, the middle one first. */
  paces?: readonly (readonly [string, string])[];
  ends?: Off;
  onStart?: () => void;
  onBegun?: (begun: Begun) => void;
  onReading: (reading: R) => void;
  onEnd?: (end: RunEnd | undefined) => void;
}) {
  const [pace, setPace] = useState<string>(paces[1]?.[0] ?? '60');
  const [left, setLeft] = useState<number>();
  const [error, setError] = useState<unknown>();
  const [told, setTold] = useState('');
  const client = useQueryClient();
  const stop = useRef<AbortController | null>(null);
  const offKey = useRef('');
  const hears = useRef({ onBegun, onReading, onEnd });
  useEffect(() => {
    hears.current = { onBegun, onReading, onEnd };
  });
  useEffect(() => () => stop.current?.abort(), []);
  const running = left !== undefined;

  async function run() {
    const abort = new AbortController();
    stop.current = abort;
    setError(undefined);
    setTold('');
    setLeft(0);
    onStart?.();
    try {
      const end = await runInstrument<R>(
        `/api/jobs/${tag}/instruments/${instrument}`,
        { ...body, pace: Number(pace) },
        abort.signal,
        (r) => hears.current.onReading(r),
        setLeft,
        (begun) => {
          offKey.current = begun.off;
          hears.current.onBegun?.(begun);
        },
      );
      setTold((before) => end?.fault || (end?.aborted === false ? '' : before));
      hears.current.onEnd?.(end);
    } catch (failed) {
      setError(failed);
    } finally {
      stop.current = null;
      setLeft(undefined);
      // Voltage was on the winding, however it ended: the discharge clock stands on the job now.
      void client.invalidateQueries({ queryKey: ['job', tag] });
    }
  }
  /**
   * The server is told by the key it gave for this run, which works without its database; where it cannot be told, the stream is
   * cut, which it notices.
   */
  const off = useCallback(() => {
    const run = stop.current;
    if (run) {
      setTold(ends.told);
      if (ends.cuts) {
        run.abort();
        return;
      }
      const path = offKey.current ? `/api/off/${offKey.current}` : `/api/jobs/${tag}/instruments/off`;
      call('POST', path, {}).catch(() => run.abort());
    }
  }, [tag, ends]);
  const keys = useMemo(() => [{ key: 'Escape', label: ends.label.toLowerCase(), run: off }], [off, ends]);
  useKeys(keys);
  return (
    <section className="tester">
      <ErrorNotice error={error} />
      <Picks
        label="Simulated instrument, its clock"
        value={pace}
        options={paces}
        onPick={setPace}
        disabled={running}
      />
      {running ? (
        <Button danger onClick={off}>
          {ends.label} · {clock(left)} to go
        </Button>
      ) : (
        <Button disabled={disabled} onClick={() => void run()}>
          {start}
        </Button>
      )}
      {told && (
        <p role="status" className="told">
          <Mark verdict="stop" size={22} /> {told}
        </p>
      )}
    </section>
  );
}
