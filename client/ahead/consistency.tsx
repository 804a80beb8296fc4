import { View } from 'react-native';
import { G, Line, Rect } from 'react-native-svg';

import { useRead } from '@/client/api';
import { Body, colour, Heading, Soft, ChartFrame, type Plot } from '@/client/ui';
import type { CallOutput } from '@/contract/endpoint';
import { getConsistency } from '@/contract/planner';
import { plural, shortDate } from '@/core/time';
import { KIND_WORDS, type TouchKind } from '@/core/touches';

const WEEKS = 13;
const HEIGHT = 130;

type Week = CallOutput<typeof getConsistency>['weeks'][number];

const sum = (weeks: readonly Week[], of: (week: Week) => number) =>
  weeks.reduce((total, week) => total + of(week), 0);

/** The kinds that were made, the most frequent first: "call 31, card 12". */
function kindsOf(weeks: readonly Week[]): string {
  const made = new Map<string, number>();
  for (const { kinds } of weeks)
    for (const { kind, made: n } of kinds) made.set(kind, (made.get(kind) ?? 0) + n);
  return [...made]
    .sort((a, b) => b[1] - a[1])
    .map(([kind, n]) => `${KIND_WORDS[kind as TouchKind].noun} ${n}`)
    .join(', ');
}

/** The weeks that were: made beside what stood on the desk. What was missed was planned anew. */
export function Consistency() {
  const weeks = useRead(getConsistency, { query: { weeks: WEEKS } }).data?.weeks ?? [];
  const [made, planned, letGo] = [
    sum(weeks, (week) => week.made),
    sum(weeks, (week) => week.planned),
    sum(weeks, (week) => week.letGo),
  ];
  if (made + planned === 0) return null;
  const series = [
    { name: 'made', values: weeks.map((week) => week.made) },
    { name: 'on the desk', values: weeks.map((week) => week.planned) },
  ];
  return (
    <View className="gap-2">
      <Heading>The weeks behind you</Heading>
      <ChartFrame
        label={`Touches made in the last ${WEEKS} weeks: ${weeks.map((week) => week.made).join(', ')}; on the desk: ${weeks.map((week) => week.planned).join(', ')}.`}
        unit="touches a week"
        points={weeks.map(({ monday }) => shortDate(monday, monday))}
        series={series}
        height={HEIGHT}
      >
        {(plot) => weeks.map((week, i) => <Bar key={week.monday} week={week} at={i} plot={plot} />)}
      </ChartFrame>
      <Body>
        {`${plural(made, 'touch', 'touches')} made in ${WEEKS} weeks${letGo > 0 ? `, ${letGo} let go` : ''}. What was neither was planned anew.`}
      </Body>
      <Soft>{kindsOf(weeks)}</Soft>
    </View>
  );
}

/** Made as a bar, what stood on the desk as a line across it. */
function Bar({ week, at, plot: { x, y, width } }: { week: Week; at: number; plot: Plot }) {
  const left = x(at);
  return (
    <G>
      <Rect
        x={left}
        y={y(week.made)}
        width={width}
        height={y(0) - y(week.made)}
        fill={colour('good')}
      />
      <Line
        x1={left - 1}
        x2={left + width + 1}
        y1={y(week.planned)}
        y2={y(week.planned)}
        stroke={colour('ink')}
        strokeWidth={1.5}
      />
    </G>
  );
}
