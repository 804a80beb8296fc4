import { View } from 'react-native';

import { useMoney } from '@/client/settings';
import { Heading, LinkedButton, Soft, Title } from '@/client/ui';
import type { getAlmanac } from '@/contract/almanac';
import type { CallOutput } from '@/contract/endpoint';
import {
  countInWords,
  figure,
  longDate,
  plural,
  sentenceCase,
  spokenDate,
  weekdayName,
  type PlainDate,
} from '@/core/time';

import { DateLine } from './date-line';
import { spanName, type Lens } from './month';

type Almanac = CallOutput<typeof getAlmanac>;

/** Where in time one looks. */
export interface At {
  lens: Lens;
  day: PlainDate;
  today: PlainDate;
}

const inMonth = ({ days }: Almanac, { lens, day }: At) =>
  lens === 'month' ? days.filter(({ on }) => on.startsWith(day.slice(0, 7))) : days;

/** How many dates and greetings there are, and what has to be written by when. */
export function Head({ almanac, at }: { almanac: Almanac; at: At }) {
  const money = useMoney();
  const mine = inMonth(almanac, at);
  const dates = mine.reduce((sum, { dates: some }) => sum + some.length, 0);
  const greeted = mine.reduce(
    (sum, { dates: some }) => sum + some.filter(({ greeting }) => greeting !== null).length,
    0,
  );
  const toWrite = mine.reduce((sum, { writeBy }) => sum + writeBy, 0);
  const firstBy = mine.find(({ writeBy }) => writeBy > 0)?.on;
  const costMinor = mine.reduce((sum, day) => sum + day.costMinor, 0);
  return (
    <View className="gap-1">
      <Title>{`${spanName(at.lens, at.day, at.today)}: ${dates === 0 ? 'no dates' : `${plural(dates, 'date')}, ${figure(greeted)} with a greeting`}`}</Title>
      {firstBy ? (
        <Soft>{`${sentenceCase(countInWords(toWrite))} ${toWrite === 1 ? 'card' : 'cards'} to write, the first by ${spokenDate(firstBy, at.today)}.`}</Soft>
      ) : null}
      {costMinor > 0 ? (
        <Soft>{`Cards, letters and gifts for about ${money(costMinor)}.`}</Soft>
      ) : null}
    </View>
  );
}

/** The dates one by one, of the chosen day or of all that are shown. */
export function DayLists({
  almanac,
  at,
  chosen,
}: {
  almanac: Almanac;
  at: At;
  chosen: PlainDate | null;
}) {
  const { today } = at;
  const days = chosen
    ? almanac.days.filter(({ on }) => on === chosen)
    : inMonth(almanac, at).filter(({ dates, holidays }) => dates.length + holidays.length > 0);
  // What is to come first; what has been stands below it.
  const shown = [...days.filter(({ on }) => on >= today), ...days.filter(({ on }) => on < today)];
  const [first] = shown;
  if (!first || (chosen && first.dates.length + first.holidays.length === 0))
    return <Nothing on={chosen} today={today} />;
  return (
    <View className="gap-4">
      {shown.map(({ on, holidays, dates }) => (
        <View key={on}>
          <Heading>{`${weekdayName(on)}, ${longDate(on, today)}`}</Heading>
          {holidays.map(({ name, toGreet }) => (
            <Soft key={name}>{toGreet > 0 ? `${name}, ${plural(toGreet, 'greeting')}` : name}</Soft>
          ))}
          {dates.map((date) => (
            <DateLine key={date.personId + date.dateKey} {...{ date, on, today }} />
          ))}
        </View>
      ))}
      {almanac.total > 3_000 ? <Soft>The first 3,000 dates are shown.</Soft> : null}
    </View>
  );
}

const Nothing = ({ on, today }: { on: PlainDate | null; today: PlainDate }) => (
  <View className="items-start gap-3">
    <Soft>
      {on
        ? `Nothing on ${longDate(on, today)}.`
        : 'No dates here. Birthdays and other dates stand on the sheets of people.'}
    </Soft>
    {on ? null : <LinkedButton href="/tidy/birthday" label="Who has no birthday yet" />}
  </View>
);
