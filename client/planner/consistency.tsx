import { View } from 'react-native';
import { Line, Rect } from 'react-native-svg';

import { useRead } from '@/client/api';
import { Body, Caption, colour, Drawing, Heading, Soft } from '@/client/ui';
import { getConsistency } from '@/contract/planner';
import { plural, shortDate, type PlainDate } from '@/core/time';
import { KIND_WORDS, type TouchKind } from '@/core/touches';

const WEEKS = 13;
const HEIGHT = 120;
const FOOT = 20;
const TOP = 8;

/** The weeks that were: made beside what stood on the desk. What was missed was planned anew. */
export function Consistency() {
  const read = useRead(getConsistency, { query: { weeks: WEEKS } });
  const weeks = read.data?.weeks ?? [];
  const sum = (of: (week: (typeof weeks)[0]) => number) =>
    weeks.reduce((total, week) => total + of(week), 0);
  if (sum(({ made, planned }) => made + planned) === 0) return null;
  const most = Math.max(1, ...weeks.map(({ made, planned }) => Math.max(made, planned)));
  const byKind = new Map<string, number>();
  for (const { kinds } of weeks)
    for (const { kind, made } of kinds) byKind.set(kind, (byKind.get(kind) ?? 0) + made);
  const kinds = [...byKind]
    .sort((a, b) => b[1] - a[1])
    .map(([kind, n]) => `${KIND_WORDS[kind as TouchKind].noun} ${n}`)
    .join(', ');
  const [made, letGo] = [sum((week) => week.made), sum((week) => week.letGo)];
  return (
    <View className="gap-2">
      <Heading>The weeks behind you</Heading>
      <Drawing
        label={`Touches made in the last ${WEEKS} weeks: ${weeks.map((week) => week.made).join(', ')}; on the desk: ${weeks.map((week) => week.planned).join(', ')}.`}
        height={HEIGHT}
      >
        {(width) => {
          const step = width / weeks.length;
          const y = (n: number) => TOP + (1 - n / most) * (HEIGHT - FOOT - TOP);
          return weeks.map((week, i) => (
            <Week
              key={week.monday}
              week={week}
              x={i * step}
              step={step}
              y={y}
              label={i % 4 === 0}
              last={i === weeks.length - 1}
            />
          ));
        }}
      </Drawing>
      <Body>
        {`${plural(made, 'touch', 'touches')} made in ${WEEKS} weeks${letGo > 0 ? `, ${letGo} let go` : ''}. What was neither was planned anew.`}
      </Body>
      <Soft>{kinds}</Soft>
    </View>
  );
}

function Week({
  week,
  x,
  step,
  y,
  label,
  last,
}: {
  week: { monday: PlainDate; made: number; planned: number };
  x: number;
  step: number;
  y: (n: number) => number;
  label: boolean;
  last: boolean;
}) {
  const width = step * 0.7;
  return (
    <>
      <Rect
        x={x}
        y={y(week.made)}
        width={width}
        height={y(0) - y(week.made)}
        fill={colour('good')}
      />
      <Line
        x1={x - 1}
        x2={x + width + 1}
        y1={y(week.planned)}
        y2={y(week.planned)}
        stroke={colour('ink')}
        strokeWidth={1.5}
      />
      {label ? (
        <Caption x={last ? x + width : x} y={HEIGHT - 4} anchor={last ? 'end' : 'start'}>
          {shortDate(week.monday, week.monday)}
        </Caption>
      ) : null}
    </>
  );
}
