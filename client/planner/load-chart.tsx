import { View } from 'react-native';
import { G, Line, Rect } from 'react-native-svg';

import { Caption, colour, Drawing, Soft } from '@/client/ui';
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
/** Between two bars, as a part of a week's width. */
const GAP = 0.18;

/** Touches a week against what the owner's days can hold. */
export function LoadChart({ weeks, baseLabel, addedLabel }: Props) {
  const most = Math.max(1, ...weeks.map((w) => Math.max(w.capacity, w.base + w.added)));
  const y = (touches: number) => TOP + (1 - touches / most) * (HEIGHT - FOOT - TOP);
  const label = `Touches a week for ${weeks.length} weeks: at most ${Math.max(0, ...weeks.map((w) => w.base + w.added))}, against room for ${most}.`;
  return (
    <View className="gap-1">
      <Drawing label={label} height={HEIGHT}>
        {(width) => {
          const step = width / weeks.length;
          const bar = step * (1 - GAP);
          const x = (i: number) => (i + GAP / 2) * step;
          return (
            <>
              {weeks.map((week, i) => (
                <Bar key={week.monday} week={week} x={x(i)} width={bar} y={y} />
              ))}
              {weeks.map((week, i) => (
                <Line
                  key={week.monday}
                  x1={x(i) - 2}
                  x2={x(i) + bar + 2}
                  y1={y(week.capacity)}
                  y2={y(week.capacity)}
                  stroke={colour('danger')}
                  strokeWidth={1.5}
                />
              ))}
              {weeks.map((week, i) =>
                i % (weeks.length > 26 ? 13 : 4) === 0 ? (
                  <Caption
                    key={week.monday}
                    x={i < weeks.length - 2 ? x(i) : x(i) + bar}
                    y={HEIGHT - 6}
                    anchor={i < weeks.length - 2 ? 'start' : 'end'}
                  >
                    {shortDate(week.monday, week.monday)}
                  </Caption>
                ) : null,
              )}
              <Caption
                x={width}
                y={12}
                anchor="end"
                token="danger"
              >{`room for ${weeks[1]?.capacity ?? most} a week`}</Caption>
            </>
          );
        }}
      </Drawing>
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
      {week.base > 0 && width > 14 ? (
        <Caption x={x + width / 2} y={y(0) - 6} anchor="middle" token="ink">
          {week.base + week.added}
        </Caption>
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
