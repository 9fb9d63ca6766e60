import { useCallback } from 'react';
import type { Surge } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';

const MOST_POINTS = 600;

/** The three traces over each other; dash and weight tell them apart where colour does not. */
export function SurgeChart({ set }: { set: Surge['set'] }) {
  const option = useCallback(() => {
    const f = frame();
    const every = Math.max(1, Math.floor(set.traceA.length / MOST_POINTS));
    const points = (trace: number[]) =>
      trace.flatMap((v, i) => (i % every === 0 ? [[i * set.sampleIntervalS * 1e6, v]] : []));
    const line = (name: string, trace: number[], colour: string, type: string, width: number) => ({
      name,
      type: 'line',
      data: points(trace),
      symbol: 'none',
      lineStyle: { color: colour, type, width },
      itemStyle: { color: colour },
    });
    return {
      ...f,
      legend: {
        top: 4,
        right: 16,
        itemWidth: 42,
        textStyle: { color: token('ink'), fontSize: 15, fontFamily: token('text') },
      },
      xAxis: { type: 'value', name: 'µs', nameLocation: 'end', max: 'dataMax', ...f.axis },
      yAxis: { type: 'value', name: 'V', ...f.axis },
      tooltip: { ...f.tooltip, valueFormatter: (v: number) => `${Math.round(v)} V` },
      series: [
        line('lead A', set.traceA, token('copper'), 'solid', 2.5),
        line('lead B', set.traceB, token('ink'), 'dashed', 2.5),
        line('lead C', set.traceC, token('holds'), 'dotted', 3),
      ],
    };
  }, [set]);
  return <Chart option={option} label="Surge traces of the three leads over each other" height={300} />;
}
