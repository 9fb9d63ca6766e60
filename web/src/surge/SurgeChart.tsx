import { useCallback } from 'react';
import type { SurgeSet } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';

const MAX_POINTS = 600;

/** The three traces over each other; dash and weight tell them apart where colour does not. */
export function SurgeChart({
  set,
  under,
}: {
  set: SurgeSet;
  /** Traces of an earlier stay, drawn thin beneath. */
  under?: SurgeSet | undefined;
}) {
  const option = useCallback(() => {
    const f = frame();
    const every = Math.max(1, Math.floor(set.traceA.length / MAX_POINTS));
    const points = (trace: number[], interval = set.sampleIntervalS) =>
      trace.flatMap((v, i) => (i % every === 0 ? [[i * interval * 1e6, v]] : []));
    const past = (name: string, trace: number[], type: string) => ({
      ...line(name, [], token('soft'), type, 1.2),
      data: points(trace, under?.sampleIntervalS),
    });
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
        ...(under
          ? [
              past('A before', under.traceA, 'solid'),
              past('B before', under.traceB, 'dashed'),
              past('C before', under.traceC, 'dotted'),
            ]
          : []),
      ],
    };
  }, [set, under]);
  return <Chart option={option} label="Surge traces of the three leads over each other" height={300} />;
}
