import { lazy, Suspense } from 'react';
import { View } from 'react-native';

import { CHART_HEIGHT, type ChartProps } from './chart-shape';

export type { Plot } from './chart-shape';

// Loaded with the first chart, not with the first screen.
const Chart = lazy(async () => ({ default: (await import('./chart-plot')).ChartPlot }));

/** The frame of a chart: an upright axis with its unit, the points named along the foot, and the figures behind it. */
export const ChartFrame = (props: ChartProps) => (
  <Suspense fallback={<View style={{ height: props.height ?? CHART_HEIGHT }} />}>
    <Chart {...props} />
  </Suspense>
);
