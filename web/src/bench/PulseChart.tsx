import { useCallback } from 'react';
import { Chart, frame, token } from '../charts/Chart';
import type { Verdict } from '../api/types';

/** One pulse on one lead, beside the one before. */
export interface Pulsed {
  lead: string;
  peakVoltageV: number;
  differencePercent: number | null;
  limitPercent: number;
  verdict: Verdict;
  sampleIntervalS: number;
  trace: number[];
}

/** The pulses of one lead over each other, each scaled to its own peak: where they part, turns let go. */
export function PulseChart({ pulses }: { pulses: Pulsed[] }) {
  const option = useCallback(() => {
    const f = frame();
    const last = pulses.length - 1;
    return {
      ...f,
      xAxis: { type: 'value', name: 'µs', max: 'dataMax', ...f.axis },
      yAxis: { type: 'value', name: 'of peak', min: -1, max: 1, ...f.axis },
      tooltip: { ...f.tooltip, valueFormatter: (v: number) => v.toFixed(3) },
      series: pulses.map((p, n) => {
        const peak = Math.max(...p.trace.map(Math.abs));
        return {
          name: `${Math.round(p.peakVoltageV)} V`,
          type: 'line',
          symbol: 'none',
          data: p.trace.map((v, i) => [i * p.sampleIntervalS * 1e6, v / peak]),
          lineStyle: {
            color: n === last ? token('copper') : token('soft'),
            width: n === last ? 3 : 1.2,
          },
          itemStyle: { color: n === last ? token('copper') : token('soft') },
        };
      }),
    };
  }, [pulses]);
  const top = pulses[pulses.length - 1];
  return (
    <Chart
      option={option}
      label={top ? `Pulses on lead ${top.lead} up to ${Math.round(top.peakVoltageV)} V` : 'No pulses yet'}
    />
  );
}
