import { scaleBand, scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';

import { colour, Soft } from '@/client/ui';
import { shortDate, type PlainDate } from '@/core/time';

export interface ChartWeek {
  monday: PlainDate;
  base: number;
  added: number;
  capacity: number;
}

interface Props {
  weeks: readonly ChartWeek[];
  baseLabel: string;
  addedLabel: string;
}

const HEIGHT = 190;
const TOP = 26;
const FOOT = 22;

/** Touches a week against what the owner's days can hold. */
export function LoadChart({ weeks, baseLabel, addedLabel }: Props) {
  const [width, setWidth] = useState(0);
  const most = Math.max(1, ...weeks.map((w) => Math.max(w.capacity, w.base + w.added)));
  const y = scaleLinear([0, most], [HEIGHT - FOOT, TOP]);
  const x = scaleBand(
    weeks.map((_, i) => i),
    [0, width],
  ).padding(0.18);
  const over = weeks.filter((w) => w.base + w.added > w.capacity).length;
  const label = `Touches a week for ${weeks.length} weeks: at most ${Math.max(0, ...weeks.map((w) => w.base + w.added))}, against room for ${most}; ${over} weeks over.`;
  return (
    <View className="gap-1">
      <View
        role="img"
        aria-label={label}
        style={{ height: HEIGHT }}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      >
        {width > 0 ? (
          <Svg width={width} height={HEIGHT}>
            {weeks.map((week, i) => (
              <Bar key={week.monday} week={week} x={x(i)!} width={x.bandwidth()} y={y} />
            ))}
            {weeks.map((week, i) => (
              <Line
                key={week.monday}
                x1={x(i)! - 2}
                x2={x(i)! + x.bandwidth() + 2}
                y1={y(week.capacity)}
                y2={y(week.capacity)}
                stroke={colour('wax')}
                strokeWidth={1.5}
              />
            ))}
            {weeks.map((week, i) =>
              i % 4 === 0 ? (
                <SvgText
                  key={week.monday}
                  x={i < weeks.length - 2 ? x(i)! : x(i)! + x.bandwidth()}
                  y={HEIGHT - 6}
                  textAnchor={i < weeks.length - 2 ? 'start' : 'end'}
                  fontFamily="Hanken"
                  fontSize={12}
                  fill={colour('soft')}
                >
                  {shortDate(week.monday, week.monday)}
                </SvgText>
              ) : null,
            )}
            <SvgText
              x={width}
              y={12}
              textAnchor="end"
              fontFamily="Hanken"
              fontSize={12}
              fill={colour('wax')}
            >
              {`room for ${weeks[1]?.capacity ?? most} a week`}
            </SvgText>
          </Svg>
        ) : null}
      </View>
      <View className="flex-row flex-wrap gap-4">
        <Key swatch="bg-load" label={baseLabel} />
        <Key swatch="bg-sea" label={addedLabel} />
      </View>
    </View>
  );
}

function Bar({
  week,
  x,
  width,
  y,
}: {
  week: ChartWeek;
  x: number;
  width: number;
  y: (value: number) => number;
}) {
  const top = y(week.base + week.added);
  return (
    <G>
      <Rect
        x={x}
        y={y(week.base)}
        width={width}
        height={y(0) - y(week.base)}
        fill={colour('load')}
      />
      <Rect x={x} y={top} width={width} height={y(week.base) - top} fill={colour('sea')} />
      {week.base > 0 ? (
        <SvgText
          x={x + width / 2}
          y={y(0) - 6}
          textAnchor="middle"
          fontFamily="Hanken"
          fontSize={12}
          fill={colour('ink')}
        >
          {week.base + week.added}
        </SvgText>
      ) : null}
    </G>
  );
}

const Key = ({ swatch, label }: { swatch: string; label: string }) => (
  <View className="flex-row items-center gap-2">
    <View aria-hidden className={`h-[10px] w-[10px] ${swatch}`} />
    <Soft>{label}</Soft>
  </View>
);
