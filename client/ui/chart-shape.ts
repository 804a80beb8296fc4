import type { ReactNode } from 'react';

/** As high as a chart is unless it says otherwise, in pixels. */
export const CHART_HEIGHT = 190;

export interface Plot {
  /** Where a value of the upright axis lies. */
  y: (value: number) => number;
  /** Where the share of the n-th point begins, and how wide what is drawn for it may be. */
  x: (at: number) => number;
  width: number;
}

export interface ChartProps {
  /** What the chart says, in a sentence, for those who don't see it. */
  label: string;
  /** What is counted: "touches". */
  unit: string;
  /** The points along the foot, in order. */
  points: readonly string[];
  /** What each line or bar is, with its values in the order of the points: the same in figures. */
  series: readonly { name: string; values: readonly number[] }[];
  /** How many points lie between two that are named. */
  every?: number;
  height?: number;
  children: (plot: Plot) => ReactNode;
}
