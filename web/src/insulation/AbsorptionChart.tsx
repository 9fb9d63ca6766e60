import { useCallback } from 'react';
import type { InsulationCurve } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';
import { megohm, plain } from '../quantity/figures';

/** Resistance over time, the fitted curve through it, and the least the winding must read at its own temperature. */
export function AbsorptionChart({ curve }: { curve: InsulationCurve | undefined }) {
  const option = useCallback(() => {
    const f = frame();
    const points = curve?.points ?? [];
    const least = curve?.leastMegohm;
    const values = points.map((p) => p.y).filter((v) => v > 0);
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
          data: points.map((p) => [p.x, p.y]),
          lineStyle: { width: curve?.fitted.length ? 0 : 3, color: token('copper') },
          itemStyle: { color: token('copper'), borderColor: token('copper'), borderWidth: 3 },
          symbol: (_: unknown, p: { dataIndex: number }) =>
            curve?.overRange[p.dataIndex] ? 'triangle' : 'circle',
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
          data: curve?.fitted.map((p) => [p.x, p.y]) ?? [],
          showSymbol: false,
          lineStyle: { width: 3, color: token('copper') },
        },
      ],
    };
  }, [curve]);
  const last = curve?.points.at(-1);
  return (
    <Chart
      option={option}
      label={last ? `Insulation over time, ${megohm(last.y)} after ${plain(last.x)} s` : 'No readings yet'}
    />
  );
}
