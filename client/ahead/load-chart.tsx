import { View } from 'react-native';
import { G, Line, Rect } from 'react-native-svg';

import { Caption, colour, Soft, ChartFrame, type Plot } from '@/client/ui';
import type { Outlook } from '@/contract/planner';
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

/** Bars narrower than this hold no figure. */
const FIGURE_PX = 14;

/** Touches a week against what the owner's days can hold. */
export function LoadChart({ weeks, baseLabel, addedLabel }: Props) {
  const all = weeks.map((week) => week.base + week.added);
  const room = Math.max(0, ...weeks.map(({ capacity }) => capacity));
  const label = `Touches a week for ${weeks.length} weeks: at most ${Math.max(0, ...all)}, against room for ${room}.`;
  return (
    <View className="gap-1">
      <ChartFrame
        label={label}
        unit="touches a week"
        points={weeks.map(({ monday }) => shortDate(monday, monday))}
        every={weeks.length > 26 ? 13 : 4}
        series={[
          { name: baseLabel, values: weeks.map(({ base }) => base) },
          { name: addedLabel, values: weeks.map(({ added }) => added) },
          { name: 'together', values: all },
          { name: 'room', values: weeks.map(({ capacity }) => capacity) },
        ]}
      >
        {(plot) => weeks.map((week, i) => <Bar key={week.monday} week={week} at={i} plot={plot} />)}
      </ChartFrame>
      <View className="flex-row flex-wrap gap-4">
        <Key swatch="bg-load" label={baseLabel} />
        <Key swatch="bg-sea" label={addedLabel} />
        <Key swatch="bg-danger" label={`room for ${weeks[1]?.capacity ?? room} a week`} line />
      </View>
    </View>
  );
}

/** What is planned of both kinds, for a plan worked out ahead. */
export const OutlookChart = ({ weeks }: { weeks: Outlook['weeks'] }) => (
  <LoadChart
    weeks={weeks.map(({ monday, asked, keepers, capacity }) => ({
      monday,
      base: asked,
      added: keepers,
      capacity,
    }))}
    baseLabel="cadences and follow-ups"
    addedLabel="to keep promises"
  />
);

function Bar({ week, at, plot }: { week: ChartWeek; at: number; plot: Plot }) {
  const { y, width } = plot;
  const x = plot.x(at);
  const top = y(week.base + week.added);
  const limit = y(week.capacity);
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
      {week.base > 0 && width > FIGURE_PX ? (
        <Caption x={x + width / 2} y={y(0) - 6} anchor="middle" token="ink">
          {week.base + week.added}
        </Caption>
      ) : null}
      <Line
        x1={x - 2}
        x2={x + width + 2}
        y1={limit}
        y2={limit}
        stroke={colour('danger')}
        strokeWidth={1.5}
      />
    </G>
  );
}

const Key = ({ swatch, label, line }: { swatch: string; label: string; line?: boolean }) => (
  <View className="flex-row items-center gap-2">
    <View aria-hidden className={`${line ? 'h-[2px]' : 'h-[10px]'} w-[10px] ${swatch}`} />
    <Soft>{label}</Soft>
  </View>
);
