import { useCallback } from 'react';
import type { Typed } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';
import { GapRing } from '../teardown/GapRing';
import { linesOf, type Lines } from './chartLines';

const DASHES = ['solid', 'dashed', 'dotted'] as const;

/** Readings of a test as lines, where people would look rather than read; nothing where a chart says no more than the table. */
export function TestChart({
  kind,
  typed,
  output,
}: {
  kind: string;
  typed: Typed;
  output: Record<string, unknown>;
}) {
  if (kind === 'air-gap' && typeof output['meanMm'] === 'number') {
    const gaps = millimetres(typed['gapsMm']);
    return gaps.length > 0 ? <GapRing gapsMm={gaps} meanMm={output['meanMm']} /> : null;
  }
  const lines = linesOf(kind, typed, output);
  return lines ? <Drawn lines={lines} /> : null;
}

/** Gaps as typed, in millimetres; a figure half typed is left out. */
function millimetres(typed: unknown): number[] {
  const texts = Array.isArray(typed) ? typed.map(String) : [];
  return texts.map((t) => Number(t.replace(/ ?mm$/, ''))).filter((g) => g > 0);
}

/** A little above the limit, or above the highest point where that lies higher. */
function over(lines: Lines): number {
  const highest = Math.max(...lines.series.flatMap((s) => s.points.map(([, y]) => y)));
  return Math.ceil(1.2 * Math.max(highest, lines.limit ?? 0));
}

function Drawn({ lines }: { lines: Lines }) {
  const text = JSON.stringify(lines);
  const option = useCallback(() => {
    const drawn = JSON.parse(text) as Lines;
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
        ...(drawn.limit === undefined ? { scale: true } : { min: 0, max: over(drawn) }),
        ...f.axis,
      },
      series: drawn.series.map((s, n) => ({
        name: s.name,
        type: 'line',
        data: s.points,
        symbolSize: 9,
        lineStyle: { color: colours[n % 3], type: DASHES[n % 3], width: 2.5 },
        itemStyle: { color: colours[n % 3] },
        markLine:
          n === 0 && drawn.limit !== undefined
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
