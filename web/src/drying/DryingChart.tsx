import { useCallback } from 'react';
import { Chart, frame, token } from '../charts/Chart';
import { megohm } from '../quantity/figures';

/** Resistance at 40 °C over the hours of drying, with the least that counts as dry. */
export function DryingChart({
  hours,
  corrected,
  least,
}: {
  hours: number[];
  corrected: number[];
  least: number;
}) {
  const option = useCallback(() => {
    const f = frame();
    const values = [...corrected, least].filter((m) => m > 0);
    return {
      ...f,
      xAxis: { type: 'value', name: 'h', ...f.axis },
      yAxis: {
        type: 'log',
        name: 'MΩ at 40 °C',
        min: 10 ** Math.floor(Math.log10(Math.min(...values))),
        max: 10 ** Math.ceil(Math.log10(Math.max(...values) * 1.01)),
        ...f.axis,
      },
      tooltip: { ...f.tooltip, valueFormatter: (m: number) => megohm(m) },
      series: [
        {
          name: 'at 40 °C',
          type: 'line',
          data: corrected.map((m, i) => [hours[i], m]),
          lineStyle: { width: 3, color: token('copper') },
          itemStyle: { color: token('copper') },
          symbolSize: 9,
          markLine: {
            symbol: 'none',
            silent: true,
            label: {
              position: 'insideEndTop',
              formatter: `least: ${megohm(least)}`,
              color: token('stop'),
              fontSize: 14,
            },
            lineStyle: { color: token('stop'), type: 'dashed', width: 2 },
            data: [{ yAxis: least }],
          },
        },
      ],
    };
  }, [hours, corrected, least]);
  return <Chart option={option} label="Resistance at 40 °C over the hours of drying" height={260} />;
}
