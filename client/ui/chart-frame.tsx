import { scaleLinear, type ScaleLinear } from 'd3-scale';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { G, Line } from 'react-native-svg';

import { Button } from './button';
import { Caption, Drawing } from './drawing';
import { colour } from './marks';
import { Table } from './table';

const TOP = 18;
const FOOT = 22;
const LEFT = 30;
/** So much of its share of the width does not belong to a bar. */
const GAP = 0.2;

export interface Plot {
  /** Where a value of the upright axis lies. */
  y: ScaleLinear<number, number>;
  /** Where the share of the n-th point begins, and how wide what is drawn for it may be. */
  x: (at: number) => number;
  width: number;
}

interface ChartProps {
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

/** The frame of a chart: an upright axis with its unit, the points named along the foot, and the figures behind it. */
export function ChartFrame(props: ChartProps) {
  const { label, unit, points, series, every = 4, height = 190, children } = props;
  const [figures, setFigures] = useState(false);
  const most = Math.max(1, ...series.flatMap(({ values }) => values));
  return (
    <View className="gap-1">
      <Drawing label={label} height={height}>
        {(whole) => {
          const y = scaleLinear([0, most], [height - FOOT, TOP]).nice(4);
          const step = (whole - LEFT) / Math.max(1, points.length);
          const x = (at: number) => LEFT + (at + GAP / 2) * step;
          const width = step * (1 - GAP);
          return (
            <>
              <Upright y={y} unit={unit} width={whole} />
              {children({ y, x, width })}
              <Foot points={points} every={every} y={height - 6} x={x} width={width} />
            </>
          );
        }}
      </Drawing>
      <Button
        weight="quiet"
        className="self-start"
        label={figures ? 'Hide the figures' : 'In figures'}
        aria-expanded={figures}
        onPress={() => setFigures(!figures)}
      />
      {figures ? <Figures {...{ label, points, series }} /> : null}
    </View>
  );
}

function Upright({ y, unit, width }: { y: Plot['y']; unit: string; width: number }) {
  return y.ticks(4).map((value, i, all) => (
    <G key={value}>
      <Line x1={LEFT} x2={width} y1={y(value)} y2={y(value)} stroke={colour('line')} />
      <Caption x={LEFT - 6} y={y(value) + 4} anchor="end">
        {value}
      </Caption>
      {i === all.length - 1 ? (
        <Caption x={0} y={11}>
          {unit}
        </Caption>
      ) : null}
    </G>
  ));
}

interface FootProps extends Pick<Plot, 'x' | 'width'>, Pick<ChartProps, 'points'> {
  every: number;
  y: number;
}

const Foot = ({ points, every, y, x, width }: FootProps) =>
  points.map((point, i) => {
    if (i % every !== 0) return null;
    // The last names end where their points do, so that none is cut off.
    const late = i > points.length - 3 && points.length > 3;
    return (
      <Caption key={point} x={late ? x(i) + width : x(i)} y={y} anchor={late ? 'end' : 'start'}>
        {point}
      </Caption>
    );
  });

const Figures = ({ label, points, series }: Pick<ChartProps, 'label' | 'points' | 'series'>) => (
  <Table
    label={label}
    rows={points.map((point, at) => ({ point, at }))}
    idOf={({ point }) => point}
    columns={[
      { key: 'point', label: '', value: ({ point }) => point },
      ...series.map(({ name, values }) => ({
        key: name,
        label: name,
        value: ({ at }: { at: number }) => values[at] ?? 0,
      })),
    ]}
  />
);
