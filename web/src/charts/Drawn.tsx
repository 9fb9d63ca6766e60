import { LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use as register, type EChartsCoreOption } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

register([LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

/** What draws a chart; large, so that only a page with a chart waits for it. */
export function Drawn({ option }: { option: () => EChartsCoreOption }) {
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
  return <div ref={box} style={{ height: '100%' }} />;
}
