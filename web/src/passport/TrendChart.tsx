import { useCallback } from 'react';
import type { MotorPoint } from '../api/types';
import { Chart, frame, token } from '../charts/Chart';

/** One figure of a motor over its visits. */
export function TrendChart({
  title,
  points,
  show,
  logarithmic = false,
}: {
  title: string;
  points: MotorPoint[];
  show: (value: number) => string;
  logarithmic?: boolean;
}) {
  const option = useCallback(() => {
    const f = frame();
    return {
      ...f,
      grid: { ...f.grid, left: 84, bottom: 36 },
      xAxis: { type: 'category', data: points.map((p) => p.tag), ...f.axis },
      yAxis: {
        type: logarithmic ? 'log' : 'value',
        scale: true,
        ...f.axis,
        axisLabel: { ...f.axis.axisLabel, formatter: show },
      },
      tooltip: { ...f.tooltip, valueFormatter: show },
      series: [
        {
          type: 'line',
          data: points.map((p) => p.value),
          symbol: 'circle',
          symbolSize: 11,
          lineStyle: { width: 2, color: token('copper') },
          itemStyle: { color: token('copper') },
        },
      ],
    };
  }, [points, show, logarithmic]);
  return (
    <section>
      <h2 style={{ marginBottom: 8 }}>{title}</h2>
      <Chart
        option={option}
        height={220}
        label={`${title}: ${points.map((p) => `${p.tag} ${show(p.value)}`).join(', ')}`}
      />
    </section>
  );
}
