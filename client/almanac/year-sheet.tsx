import type { ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';
import { G, Rect } from 'react-native-svg';

import { useRead } from '@/client/api';
import { useMoney } from '@/client/settings';
import { Body, colour, Drawing, Heading, Soft, Spread, Title, Waiting } from '@/client/ui';
import { getAlmanacYear } from '@/contract/almanac';
import type { CallOutput } from '@/contract/endpoint';
import type { toFilterQuery } from '@/contract/filters';
import { need } from '@/core/need';
import {
  dayNumberOf,
  daysInMonth,
  figure,
  monthName,
  plainDate,
  plural,
  sentenceCase,
  toDayNumber,
  type PlainDate,
} from '@/core/time';

import { hours } from './words';

type Year = CallOutput<typeof getAlmanacYear>;

interface Props {
  year: number;
  filter: ReturnType<typeof toFilterQuery>;
  head: ReactNode;
  whose: ReactNode;
  onMonth: (first: PlainDate) => void;
}

/** A year on one page: where its dates and greetings cluster, and what they take. */
export function YearSheet({ year, filter, head, whose, onMonth }: Props) {
  const read = useRead(getAlmanacYear, { query: { year, ...filter } }, { keepPrevious: true });
  return (
    <Spread beside={read.data ? <Totals year={read.data} /> : null}>
      {head}
      <Waiting query={read}>
        {(data) => (
          <>
            <Title>{headline(data)}</Title>
            <View className="rounded border border-line bg-sheet">
              {data.months.map((_, month) => (
                <MonthRow key={month} year={data} month={month} onMonth={onMonth} />
              ))}
            </View>
            <Soft>
              Each day is a square, darker with more dates; the stroke below one is as many
              greetings.
            </Soft>
            {whose}
          </>
        )}
      </Waiting>
    </Spread>
  );
}

const sum = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0);

const headline = ({ year, dates, greetings, planned }: Year): string =>
  `${year}: ${plural(sum(dates), 'date')}${planned ? `, ${plural(sum(greetings), 'greeting')} ahead` : ''}`;

const ROW_PX = 30;

function MonthRow({
  year: { year, dates, greetings, months },
  month,
  onMonth,
}: {
  year: Year;
  month: number;
  onMonth: Props['onMonth'];
}) {
  const first = plainDate(`${year}-${String(month + 1).padStart(2, '0')}-01`);
  const from = toDayNumber(first) - dayNumberOf({ year, month: 1, day: 1 });
  const days = daysInMonth(year, month + 1);
  const most = Math.max(1, ...dates);
  const totals = need(months[month]);
  const words = `${plural(totals.dates, 'date')}${totals.greetings > 0 ? `, ${plural(totals.greetings, 'greeting')}` : ''}`;
  return (
    <Pressable
      role="button"
      aria-label={`${monthName(month + 1)}: ${words}. Open the month`}
      onPress={() => onMonth(first)}
      className={`min-h-[44px] flex-row flex-wrap items-center gap-x-3 px-3 py-1 ${month > 0 ? 'border-t border-line' : ''}`}
    >
      <Text className="w-[34px] font-sans-semibold text-[0.875rem] text-ink">
        {monthName(month + 1).slice(0, 3)}
      </Text>
      <View className="min-w-[150px] flex-1">
        <Drawing label={words} height={ROW_PX}>
          {(width) => (
            <G>
              {Array.from({ length: days }, (_, day) => (
                <DaySquare
                  key={day}
                  x={(width / 31) * day}
                  side={width / 31 - 1}
                  share={need(dates[from + day]) / most}
                  greetings={need(greetings[from + day])}
                />
              ))}
            </G>
          )}
        </Drawing>
      </View>
      <Soft className="w-[150px] tabular-nums">{words}</Soft>
    </Pressable>
  );
}

const DaySquare = ({
  x,
  side,
  share,
  greetings,
}: {
  x: number;
  side: number;
  share: number;
  greetings: number;
}) => (
  <G>
    <Rect
      x={x}
      y={4}
      width={side}
      height={14}
      fill={share > 0 ? colour('sea') : colour('line')}
      fillOpacity={share > 0 ? 0.25 + 0.75 * share : 0.35}
    />
    {greetings > 0 ? (
      <Rect x={x} y={20} width={side} height={Math.min(8, 1.5 + greetings)} fill={colour('ink')} />
    ) : null}
  </G>
);

/** What the year comes to, and of what its dates are. */
function Totals({ year }: { year: Year }) {
  const money = useMoney();
  const { minutes, costMinor, occasions, greetings, planned } = year;
  const costly = year.months
    .map((month, at) => ({ ...month, at }))
    .filter((month) => month.costMinor > 0);
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Heading>What it takes</Heading>
        {planned ? (
          <Body>
            {sum(greetings) === 0
              ? 'No greetings are planned in it.'
              : `${plural(sum(greetings), 'greeting')} still to come: ${hours(minutes)} of your time, and about ${money(costMinor)}.`}
          </Body>
        ) : (
          <Body>Greetings are planned for the year to come only.</Body>
        )}
        {costly.map(({ at, costMinor: cost, greetings: n }) => (
          <Soft key={at}>{`${monthName(at + 1)}: ${plural(n, 'greeting')}, ${money(cost)}`}</Soft>
        ))}
      </View>
      <View className="gap-1">
        <Heading>Its dates</Heading>
        {occasions.map(({ occasion, name, dates }) => (
          <Soft key={occasion}>{`${sentenceCase(name)}: ${figure(dates)}`}</Soft>
        ))}
      </View>
      <View className="gap-1">
        <Heading>Holidays</Heading>
        {year.holidays.map(({ on, name }) => (
          <Soft key={on + name}>
            {`${monthName(Number(on.slice(5, 7))).slice(0, 3)} ${Number(on.slice(8))}: ${name}`}
          </Soft>
        ))}
      </View>
    </View>
  );
}
