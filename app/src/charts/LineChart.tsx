import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { CHART_WIDTH } from './chartBox';
import { CHART_HEIGHT, type LineChartProps } from './lineChartProps';

/** Scales and shapes come when a chart is shown: the first screen has none. */
const LineChartSvg = lazy(async () => ({ default: (await import('./LineChartSvg')).LineChartSvg }));

/** Lines over a common axis, drawn in a box as wide as there is room. */
export function LineChart(props: LineChartProps) {
  const aspectRatio = CHART_WIDTH / (props.height ?? CHART_HEIGHT);
  return (
    <Suspense fallback={<View style={{ width: '100%', aspectRatio }} />}>
      <LineChartSvg {...props} />
    </Suspense>
  );
}
