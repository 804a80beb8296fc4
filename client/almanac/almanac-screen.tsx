import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Button, Choice, Select, Spread, useToday, Waiting } from '@/client/ui';
import { getAlmanac } from '@/contract/almanac';
import { toFilterQuery } from '@/contract/filters';
import { sentenceCase, type PlainDate } from '@/core/time';

import { DayLists, Head, type At } from './day-lists';
import { LENSES, moved, spanOf, type Lens } from './month';
import { MonthSheet } from './month-sheet';
import { AlmanacParts } from './parts';
import { useWhose } from './use-filter';
import { YearSheet } from './year-sheet';

const LENS_OPTIONS = LENSES.map((value) => ({ value, label: sentenceCase(value) }));

/** Every date of the sphere, by day, week, month and year, with what is planned for it. */
export function AlmanacScreen() {
  const today = useToday();
  const [lens, setLens] = useState<Lens>('month');
  const [day, setDay] = useState<PlainDate>(today);
  const whose = useWhose();
  const at = { lens, day, today };
  const open = (next: Lens, on: PlainDate) => {
    setLens(next);
    setDay(on);
  };
  const head = (
    <>
      <AlmanacParts />
      <View className="flex-row flex-wrap items-end justify-between gap-x-4 gap-y-2">
        <Choice label="How much at once" value={lens} options={LENS_OPTIONS} onChange={setLens} />
        <View className="max-w-full flex-row flex-wrap">
          <Button
            weight="quiet"
            label="Earlier"
            spoken={`The ${lens} before`}
            onPress={() => setDay(moved(lens, day, -1))}
          />
          <Button weight="quiet" label="Today" onPress={() => setDay(today)} />
          <Button
            weight="quiet"
            label="Later"
            spoken={`The ${lens} after`}
            onPress={() => setDay(moved(lens, day, 1))}
          />
        </View>
      </View>
    </>
  );
  const filter = (
    <Select
      label="Whose dates"
      className="max-w-[320px]"
      value={whose.chosen.value}
      options={whose.all}
      onChange={whose.choose}
    />
  );
  const query = toFilterQuery(whose.chosen.filter);
  return lens === 'year' ? (
    <YearSheet
      year={Number(day.slice(0, 4))}
      filter={query}
      head={head}
      whose={filter}
      onMonth={(on) => open('month', on)}
    />
  ) : (
    <Days at={at} filter={query} head={head} whose={filter} onDay={setDay} />
  );
}

interface DaysProps {
  at: At;
  filter: ReturnType<typeof toFilterQuery>;
  head: React.ReactNode;
  whose: React.ReactNode;
  onDay: (day: PlainDate) => void;
}

/** A day, a week or a month: the sheet of the month, and beside it the dates one by one. */
function Days({ at, filter, head, whose, onDay }: DaysProps) {
  const { lens, day, today } = at;
  const [picked, setPicked] = useState<PlainDate | null>(null);
  const read = useRead(
    getAlmanac,
    { query: { ...spanOf(lens, day), ...filter } },
    { keepPrevious: true },
  );
  const month = day.slice(0, 7);
  const chosen = picked?.startsWith(month) ? picked : null;
  const choose = (on: PlainDate) => {
    setPicked(on === picked ? null : on);
    if (!on.startsWith(month)) onDay(on);
  };
  return (
    <Spread
      beside={
        read.data ? (
          <DayLists almanac={read.data} at={at} chosen={lens === 'month' ? chosen : null} />
        ) : null
      }
    >
      {head}
      <Waiting query={read}>
        {(data) => (
          <>
            <Head almanac={data} at={at} />
            {lens === 'month' ? (
              <MonthSheet
                days={data.days}
                month={month}
                today={today}
                chosen={chosen}
                onChoose={choose}
              />
            ) : null}
            {whose}
          </>
        )}
      </Waiting>
    </Spread>
  );
}
