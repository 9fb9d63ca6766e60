import { LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register, type EChartsCoreOption } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { plain } from '../quantity/figures';

register([LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

/** A colour of the theme as it stands now. */
export function token(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();
}

/** Axis, grid and tooltip as this product draws them. */
export function frame() {
  const axis = {
    axisLine: { lineStyle: { color: token('soft') } },
    axisLabel: {
      color: token('soft'),
      fontFamily: token('mono'),
      fontSize: 14,
      formatter: (v: number | string) => (typeof v === 'number' ? plain(v) : v),
    },
    splitLine: { lineStyle: { color: token('rule') } },
    nameTextStyle: { color: token('soft'), fontSize: 14 },
  };
  return {
    animation: false,
    textStyle: { fontFamily: token('text'), color: token('ink') },
    grid: { left: 64, right: 24, top: 34, bottom: 34 },
    tooltip: {
      trigger: 'axis',
      backgroundColor: token('sheet'),
      borderColor: token('rule'),
      textStyle: { color: token('ink'), fontFamily: token('mono'), fontSize: 14 },
    },
    axis,
  };
}

/** A chart with its meaning in words for those who cannot see it. */
export function Chart({
  option,
  label,
  height = 262,
}: {
  option: () => EChartsCoreOption;
  label: string;
  height?: number;
}) {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<ReturnType<typeof init> | null>(null);
  useEffect(() => {
    const element = box.current;
    if (!element) {
      return;
    }
    const made = init(element, null, { renderer: 'svg' });
    chart.current = made;
    const watch = new ResizeObserver(() => made.resize());
    watch.observe(element);
    return () => {
      watch.disconnect();
      made.dispose();
      chart.current = null;
    };
  }, []);
  useEffect(() => {
    const draw = () => chart.current?.setOption(option(), true);
    draw();
    window.addEventListener('brasskettle-setting', draw);
    return () => window.removeEventListener('brasskettle-setting', draw);
  }, [option]);
  return <div ref={box} className="panel" style={{ height, padding: 0 }} role="img" aria-label={label} />;
}
