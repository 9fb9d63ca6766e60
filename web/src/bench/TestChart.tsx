import { useCallback } from 'react';
import type { TestLines } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';
import { GapRing } from '../airgap/GapRing';

const DASHES = ['solid', 'dashed', 'dotted'] as const;

/** Readings of a test as lines, where people would look rather than read; nothing where a chart says no more than the table. */
export function TestChart({
  lines,
  gapsMm,
  meanMm,
}: {
  lines: TestLines | null;
  gapsMm: number[];
  meanMm: number | undefined;
}) {
  if (gapsMm.length > 0 && meanMm !== undefined) {
    return <GapRing gapsMm={gapsMm} meanMm={meanMm} />;
  }
  return lines ? <Drawn lines={lines} /> : null;
}

/** A little above the limit, or above the highest point where that lies higher. */
function over(lines: TestLines): number {
  const highest = Math.max(...lines.series.flatMap((s) => s.points.map((p) => p.y)));
  return Math.ceil(1.2 * Math.max(highest, lines.limit ?? 0));
}

function Drawn({ lines }: { lines: TestLines }) {
  const text = JSON.stringify(lines);
  const option = useCallback(() => {
    const drawn = JSON.parse(text) as TestLines;
    const f = frame();
    const colours = [token('copper'), token('ink'), token('holds')];
    return {
      ...f,
      legend:
        drawn.series.length > 1
          ? {
              top: 4,
              right: 16,
              itemWidth: 42,
              textStyle: { color: token('ink'), fontSize: 15, fontFamily: token('text') },
            }
          : undefined,
      xAxis: { type: 'value', name: drawn.x, min: 'dataMin', max: 'dataMax', ...f.axis },
      yAxis: {
        type: 'value',
        name: drawn.y,
        ...(drawn.limit === null ? { scale: true } : { min: 0, max: over(drawn) }),
        ...f.axis,
      },
      series: drawn.series.map((s, n) => ({
        name: s.name,
        type: 'line',
        data: s.points.map((p) => [p.x, p.y]),
        symbolSize: 9,
        lineStyle: { color: colours[n % 3], type: DASHES[n % 3], width: 2.5 },
        itemStyle: { color: colours[n % 3] },
        markLine:
          n === 0 && drawn.limit !== null
            ? {
                symbol: 'none',
                silent: true,
                label: { position: 'insideEndTop', formatter: 'limit', color: token('stop'), fontSize: 14 },
                lineStyle: { color: token('stop'), type: 'dashed', width: 2 },
                data: [{ yAxis: drawn.limit }],
              }
            : undefined,
      })),
    };
  }, [text]);
  return <Chart option={option} label={lines.label} />;
}
