import { nice, ticks } from 'd3-array';
import { useState } from 'react';
import { View } from 'react-native';
import { G, Line } from 'react-native-svg';

import { figure } from '@/core/time';

import { CHART_HEIGHT, type ChartProps, type Plot } from './chart-shape';
import { DisclosureButton } from './disclosure';
import { Caption, Drawing } from './drawing';
import { colour } from './marks';
import { Table } from './table';

/** About so many figures stand at the upright axis. */
const TICKS = 4;
const TOP = 18;
const FOOT = 22;
const LEFT = 30;
/** So much of its share of the width does not belong to a bar. */
const GAP = 0.2;

/** See `ChartFrame`. */
export function ChartPlot(props: ChartProps) {
  const { label, unit, points, series, every = 4, height = CHART_HEIGHT, children } = props;
  const [figures, setFigures] = useState(false);
  const most = Math.max(1, ...series.flatMap(({ values }) => values));
  const [, top] = nice(0, most, TICKS);
  return (
    <View className="gap-1">
      <Drawing label={label} height={height}>
        {(whole) => {
          const y = (value: number) => TOP + (1 - value / top) * (height - FOOT - TOP);
          // While a window is being drawn anew it may have no room at all.
          const step = Math.max(0, whole - LEFT) / Math.max(1, points.length);
          const x = (at: number) => LEFT + (at + GAP / 2) * step;
          const width = step * (1 - GAP);
          return (
            <>
              <Upright y={y} top={top} unit={unit} width={whole} />
              {children({ y, x, width })}
              <Foot points={points} every={every} y={height - 6} x={x} width={width} />
            </>
          );
        }}
      </Drawing>
      <DisclosureButton
        weight="quiet"
        className="self-start"
        label="In figures"
        openLabel="Hide"
        open={figures}
        onToggle={() => setFigures(!figures)}
      />
      {figures ? <Figures {...{ label, points, series }} /> : null}
    </View>
  );
}

interface UprightProps extends Pick<Plot, 'y'> {
  /** The round figure at its upper end. */
  top: number;
  unit: string;
  width: number;
}

function Upright({ y, top, unit, width }: UprightProps) {
  return ticks(0, top, TICKS).map((value, i, all) => (
    <G key={value}>
      <Line x1={LEFT} x2={width} y1={y(value)} y2={y(value)} stroke={colour('line')} />
      <Caption x={LEFT - 6} y={y(value) + 4} anchor="end">
        {figure(value)}
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
