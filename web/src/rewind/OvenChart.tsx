import { useCallback } from 'react';
import { Chart, frame, token } from '../charts/Chart';

/** Temperature of the part at one moment. */
export interface OvenPoint {
  minutes: number;
  partC: number;
}

/** Temperatures that matter to a curve. */
export interface OvenLevels {
  holdC: number;
  limitC: number;
}

/** The part in the oven over time, with the temperature from which time counts and the one it must not pass. */
export function OvenChart({ points, levels }: { points: OvenPoint[]; levels?: OvenLevels | null }) {
  const option = useCallback(() => {
    const f = frame();
    const line = (at: number, name: string, colour: string, position: string) => ({
      yAxis: at,
      label: { formatter: `${name} ${at} °C`, position, color: token(colour), fontSize: 14 },
      lineStyle: { color: token(colour), type: 'dashed', width: 2 },
    });
    return {
      ...f,
      xAxis: { type: 'value', name: 'h', ...f.axis },
      yAxis: {
        type: 'value',
        name: '°C',
        min: 0,
        max: Math.ceil((1.1 * Math.max(levels?.limitC ?? 0, ...points.map((p) => p.partC), 100)) / 50) * 50,
        ...f.axis,
      },
      tooltip: { ...f.tooltip, valueFormatter: (c: number) => `${c} °C` },
      series: [
        {
          name: 'the part',
          type: 'line',
          showSymbol: points.length < 30,
          symbolSize: 7,
          data: points.map((p) => [p.minutes / 60, p.partC]),
          lineStyle: { width: 3, color: token('copper') },
          itemStyle: { color: token('copper') },
          markLine: levels
            ? {
                symbol: 'none',
                silent: true,
                data: [
                  line(levels.limitC, 'limit', 'stop', 'insideEndTop'),
                  line(levels.holdC, 'hold', 'soft', 'insideStartBottom'),
                ],
              }
            : undefined,
        },
      ],
    };
  }, [points, levels]);
  return <Chart option={option} label="Temperature of the part over the hours in the oven" height={260} />;
}
