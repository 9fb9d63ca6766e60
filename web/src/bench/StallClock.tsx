import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { call } from '../api/http';
import type { TypedAnswer } from '../api/types';
import { clock } from '../quantity/figures';

/** Usual figures where the winding data say nothing: 6 A/mm² at rated current, six times that stalled, from 40 to 155 °C. */
const USUAL = {
  currentDensityAPerMm2: '6',
  lockedRotorRatio: '6',
  startTemperatureC: '40 °C',
  limitTemperatureC: '155 °C',
};

/** Counts from the moment the switch closes, against what the stator copper stands; the cage may go first. */
export function StallClock({ onStop }: { onStop: (seconds: number) => void }) {
  const [since, setSince] = useState<number>();
  const [now, setNow] = useState(0);
  const bound = useQuery({
    queryKey: ['stall-heating'],
    queryFn: () => call<TypedAnswer>('POST', '/api/worksheets/stall-heating/typed', USUAL),
    staleTime: Infinity,
  });
  useEffect(() => {
    if (since === undefined) {
      return;
    }
    const timer = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(timer);
  }, [since]);
  const output = bound.data?.output as { secondsToLimit?: number } | null | undefined;
  const limit = output?.secondsToLimit;
  const seconds = since === undefined ? 0 : Math.max(0, (now - since) / 1000);
  const over = limit !== undefined && seconds > limit;
  return (
    <section className="tester" aria-label="Stall clock">
      <span className="big" role="timer">
        {since === undefined ? '0:00' : clock(seconds)}
      </span>
      {since === undefined ? (
        <Button
          onClick={() => {
            setSince(Date.now());
            setNow(Date.now());
          }}
        >
          Switch closed: count
        </Button>
      ) : (
        <Button
          danger={over}
          onClick={() => {
            onStop(Math.round(seconds * 10) / 10);
            setSince(undefined);
          }}
        >
          It is up, or it is cut
        </Button>
      )}
      <p className={over ? 'wrong' : 'soft small'} style={{ margin: 0 }}>
        {over ? 'Cut at once. ' : ''}
        Stalled, the stator copper alone stands {limit === undefined ? '…' : `${Math.round(limit)} s`} (6
        A/mm², six times rated, 40 to 155 °C): an upper bound, the cage may go first.
      </p>
    </section>
  );
}
