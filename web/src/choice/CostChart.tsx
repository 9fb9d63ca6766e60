import { useCallback } from 'react';
import type { ChoiceReading } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';
import { money } from '../quantity/figures';

const COLOURS = { recondition: 'holds', rewind: 'copper', replace: 'ink' } as const;
const STROKES = ['solid', 'dashed', 'dotted'] as const;

type Option = ChoiceReading['options'][number];

/** A colour for each kind, and a stroke for each of a kind, so that no two lines look alike. */
function stroke(option: Option, open: Option[]) {
  const alike = open.filter((o) => o.kind === option.kind).indexOf(option);
  return { type: STROKES[alike % STROKES.length] ?? 'solid', color: token(COLOURS[option.kind]) };
}

/** What each open option has cost by the end of each year. */
export function CostChart({ choice }: { choice: ChoiceReading }) {
  const option = useCallback(() => {
    const f = frame();
    const open = choice.options.filter((o) => o.open && o.priced);
    return {
      ...f,
      grid: { ...f.grid, left: 88 },
      legend: {
        top: 4,
        right: 16,
        itemWidth: 42,
        textStyle: { color: token('ink'), fontSize: 15, fontFamily: token('text') },
      },
      xAxis: { type: 'category', data: choice.years, name: 'year', boundaryGap: false, ...f.axis },
      yAxis: {
        type: 'value',
        ...f.axis,
        axisLabel: { ...f.axis.axisLabel, formatter: (v: number) => money(v) },
      },
      tooltip: { ...f.tooltip, valueFormatter: (v: number) => money(v) },
      series: open.map((o) => ({
        name: o.name,
        type: 'line',
        data: o.costByYear,
        symbol: 'none',
        lineStyle: { width: 3, ...stroke(o, open) },
        itemStyle: { color: stroke(o, open).color },
      })),
    };
  }, [choice]);
  return (
    <Chart
      option={option}
      label="Money spent by the end of each year, for each open option, energy beyond the most frugal one"
      height={280}
    />
  );
}
