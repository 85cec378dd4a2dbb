import { lazyPart } from '../kit/lazyPart';
import { CHART_WIDTH } from './chartBox';
import { CHART_HEIGHT, type LineChartProps } from './lineChartProps';

/** Lines over a common axis, drawn in a box as wide as there is room. Scales and shapes come when a chart is shown. */
export const LineChart = lazyPart<LineChartProps>(
  async () => (await import('./LineChartSvg')).LineChartSvg,
  ({ height = CHART_HEIGHT }) => ({ aspectRatio: CHART_WIDTH / height }),
);
