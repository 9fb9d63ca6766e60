import type { EChartsCoreOption } from 'echarts/core';
import { lazy, Suspense } from 'react';
import { plain } from '../quantity/figures';
import { Loading } from '../ui/Loading';

const Drawn = lazy(() => import('./Drawn').then((m) => ({ default: m.Drawn })));

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
  return (
    <div className="panel" style={{ height, padding: 0 }} role="img" aria-label={label}>
      <Suspense fallback={<Loading />}>
        <Drawn option={option} />
      </Suspense>
    </div>
  );
}
