import { View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';

import { useMoney } from '@/client/settings';
import { Body, Caption, colour, Heading, KindShape, Soft } from '@/client/ui';
import { need } from '@/core/need';
import { countInWords, monthName, plural } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';
import type { YearShape } from '@/core/cadences';

const CELL = 24;
const LABEL = 74;
const ROW = 28;

/** What the cadence makes of a year: kinds down, months across, one mark for each touch. */
export function YearView({ shape }: { shape: YearShape }) {
  const money = useMoney();
  const { byKind, touches, firstMonth, longestSilence, costMinor } = shape;
  const ways = byKind.length;
  // A year that begins in mid-month ends in the same month.
  const months = byKind.some((row) => need(row.months[12]) > 0) ? 13 : 12;
  return (
    <View className="gap-2">
      <Heading>A year of this for one person</Heading>
      {touches.length === 0 ? (
        <Soft>Nothing yet. Add a beat to see the year it makes.</Soft>
      ) : (
        <>
          <Svg width={LABEL + months * CELL} height={20 + byKind.length * ROW} aria-hidden>
            {Array.from({ length: months }, (_, i) => (
              <Caption key={i} x={LABEL + i * CELL + CELL / 2} y={12} anchor="middle">
                {monthName(((firstMonth - 1 + i) % 12) + 1).charAt(0)}
              </Caption>
            ))}
            {byKind.map((row, r) => (
              <KindRow key={row.kind} row={row} months={months} y={20 + r * ROW + ROW / 2} />
            ))}
          </Svg>
          <Body>
            {`${plural(touches.length, 'touch', 'touches')} in ${countInWords(ways)} ${ways === 1 ? 'way' : 'ways'}. Longest silence ${plural(longestSilence, 'day')}.`}
          </Body>
          <Body>
            {costMinor === 0
              ? 'It costs nothing but time.'
              : `It costs about ${money(costMinor)} a year for one person.`}
          </Body>
          <Soft>
            {byKind.map(({ kind, total }) => `${KIND_WORDS[kind].noun} ${total}`).join(', ')}
          </Soft>
        </>
      )}
    </View>
  );
}

function KindRow({
  row,
  y,
  months,
}: {
  row: YearShape['byKind'][number];
  y: number;
  months: number;
}) {
  return (
    <>
      <Caption x={0} y={y + 4} token="ink">
        {KIND_WORDS[row.kind].noun}
      </Caption>
      {row.months.slice(0, months).map((count, m) => {
        const x = LABEL + m * CELL + CELL / 2;
        if (count === 0) return <Circle key={m} cx={x} cy={y} r={1} fill={colour('edge')} />;
        return count > 1 ? (
          <Caption key={m} x={x} y={y + 4} anchor="middle" strong token="ink">
            {count}
          </Caption>
        ) : (
          <KindShape
            key={m}
            kind={row.kind}
            x={x}
            y={y}
            r={5}
            fill={colour('ink')}
            stroke={colour('ink')}
          />
        );
      })}
    </>
  );
}
