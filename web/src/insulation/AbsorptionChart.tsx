import { useCallback } from 'react';
import type { AbsorptionFit } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';
import { megohm, plain } from '../quantity/figures';

export interface Point {
  seconds: number;
  megohm: number;
  overRange: boolean;
}

/** Resistance over time, the fitted curve through it, and the least the winding must read at its own temperature. */
export function AbsorptionChart({
  points,
  fit,
  testV,
  least,
}: {
  points: Point[];
  fit: AbsorptionFit | null;
  testV: number;
  least: number | undefined;
}) {
  const option = useCallback(() => {
    const f = frame();
    const fitted = fit ? curve(fit, testV) : [];
    const values = points.map((p) => p.megohm).filter((v) => v > 0);
    const low = Math.min(...values, least ?? Infinity);
    const high = Math.max(...values, least ?? 0);
    return {
      ...f,
      xAxis: {
        type: 'log',
        min: 5,
        max: 600,
        ...f.axis,
        axisLabel: {
          ...f.axis.axisLabel,
          formatter: (s: number) => (s < 120 ? `${s} s` : `${s / 60} min`),
          showMaxLabel: true,
        },
      },
      yAxis: {
        type: 'log',
        name: 'MΩ',
        min: 10 ** Math.floor(Math.log10(Math.max(low, 1e-4))),
        max: 10 ** Math.ceil(Math.log10(Math.max(high, 1e-3) * 1.01)),
        ...f.axis,
      },
      tooltip: { ...f.tooltip, valueFormatter: (v: number) => megohm(v) },
      series: [
        {
          name: 'read',
          type: 'line',
          data: points.map((p) => [p.seconds, p.megohm]),
          lineStyle: { width: fit ? 0 : 3, color: token('copper') },
          itemStyle: { color: token('copper'), borderColor: token('copper'), borderWidth: 3 },
          symbol: (_: unknown, p: { dataIndex: number }) =>
            points[p.dataIndex]?.overRange ? 'triangle' : 'circle',
          symbolSize: 10,
          markLine:
            least === undefined
              ? undefined
              : {
                  symbol: 'none',
                  silent: true,
                  label: {
                    position: 'insideEndTop',
                    formatter: `least at this temperature: ${megohm(least)}`,
                    color: token('stop'),
                    fontSize: 14,
                  },
                  lineStyle: { color: token('stop'), type: 'dashed', width: 2 },
                  data: [{ yAxis: least }],
                },
        },
        {
          name: 'fitted',
          type: 'line',
          data: fitted,
          showSymbol: false,
          lineStyle: { width: 3, color: token('copper') },
        },
      ],
    };
  }, [points, fit, testV, least]);
  const last = points[points.length - 1];
  return (
    <Chart
      option={option}
      label={
        last
          ? `Insulation over time, ${megohm(last.megohm)} after ${plain(last.seconds)} s`
          : 'No readings yet'
      }
    />
  );
}

function curve(fit: AbsorptionFit, testV: number): [number, number][] {
  const line: [number, number][] = [];
  for (let s = 5; s <= 600; s *= 1.12) {
    const microamp = fit.absorptionMicroamp * s ** -fit.exponent + fit.leakageMicroamp;
    line.push([s, testV / microamp]);
  }
  return line;
}
