import { Pressable, Text, View } from 'react-native';

import { Soft } from '@/client/ui';
import type { getAlmanac } from '@/contract/almanac';
import type { CallOutput } from '@/contract/endpoint';
import { need } from '@/core/need';
import { longDate, plural, weekdayName, type PlainDate } from '@/core/time';

type Day = CallOutput<typeof getAlmanac>['days'][number];

/** So many dates of a day have a mark of their own; more are a number. */
const MARKS_SHOWN = 4;

interface Props {
  days: readonly Day[];
  /** 'YYYY-MM' of the month that is meant; days of others are pale. */
  month: string;
  today: PlainDate;
  chosen: PlainDate | null;
  onChoose: (day: PlainDate) => void;
}

/** A month as a sheet of a wall calendar: which days have dates, and by which something has to be written. */
export function MonthSheet({ days, month, today, chosen, onChoose }: Props) {
  const weeks = Array.from({ length: days.length / 7 }, (_, i) => days.slice(7 * i, 7 * i + 7));
  return (
    <View className="gap-1">
      <View className="overflow-hidden rounded border border-line bg-sheet">
        <View className="flex-row border-b border-line" aria-hidden>
          {days.slice(0, 7).map(({ on }) => (
            <Text
              key={on}
              className="flex-1 py-1 text-center font-sans text-[0.8125rem] leading-5 text-soft"
            >
              {weekdayName(on).slice(0, 3)}
            </Text>
          ))}
        </View>
        {weeks.map((week) => (
          <View key={need(week[0]).on} className="flex-row">
            {week.map((day) => (
              <DayCell
                key={day.on}
                day={day}
                pale={!day.on.startsWith(month)}
                isToday={day.on === today}
                chosen={day.on === chosen}
                today={today}
                onPress={() => onChoose(day.on)}
              />
            ))}
          </View>
        ))}
      </View>
      <Legend />
    </View>
  );
}

function spoken({ on, dates, holidays, writeBy }: Day, today: PlainDate): string {
  return [
    `${weekdayName(on)}, ${longDate(on, today)}`,
    ...holidays.map(({ name }) => name),
    dates.length > 0 ? plural(dates.length, 'date') : 'no dates',
    ...(writeBy > 0 ? [`last day to write ${plural(writeBy, 'card')}`] : []),
  ].join(', ');
}

interface CellProps {
  day: Day;
  pale: boolean;
  isToday: boolean;
  chosen: boolean;
  today: PlainDate;
  onPress: () => void;
}

function DayCell({ day, pale, isToday, chosen, today, onPress }: CellProps) {
  const { on, dates, holidays, writeBy } = day;
  const edge = chosen ? 'border-ink' : 'border-transparent';
  return (
    <Pressable
      role="button"
      aria-pressed={chosen}
      aria-label={spoken(day, today)}
      onPress={onPress}
      className={`min-h-[48px] min-w-0 flex-1 border-2 p-1 ${edge} ${pale ? 'bg-paper' : ''}`}
    >
      <View className="flex-row items-baseline justify-between">
        <Text
          className={`text-[0.875rem] tabular-nums leading-5 ${isToday ? 'font-sans-semibold text-ink underline' : pale ? 'font-sans text-soft' : 'font-sans text-ink'}`}
        >
          {Number(on.slice(8))}
        </Text>
        {holidays.length > 0 ? (
          <View aria-hidden className="h-[6px] w-[6px] rotate-45 border border-soft" />
        ) : null}
      </View>
      <Marks dates={dates} />
      {writeBy > 0 ? <View aria-hidden className="mt-1 h-[2px] self-stretch bg-danger" /> : null}
    </Pressable>
  );
}

/** A dot for each date: filled where a greeting is planned or given. */
function Marks({ dates }: Pick<Day, 'dates'>) {
  if (dates.length > MARKS_SHOWN)
    return <Text className="font-sans text-[0.8125rem] leading-4 text-sea">{dates.length}</Text>;
  return (
    <View aria-hidden className="min-h-[10px] flex-row flex-wrap gap-[3px] pt-1">
      {dates.map(({ personId, dateKey, greeting }) => (
        <View
          key={personId + dateKey}
          className={`h-[7px] w-[7px] rounded-full border border-sea ${greeting ? 'bg-sea' : ''}`}
        />
      ))}
    </View>
  );
}

const Legend = () => (
  <View className="flex-row flex-wrap items-center gap-x-4" aria-hidden>
    <Key mark={<View className="h-[7px] w-[7px] rounded-full border border-sea bg-sea" />}>
      with a greeting
    </Key>
    <Key mark={<View className="h-[7px] w-[7px] rounded-full border border-sea" />}>
      no greeting
    </Key>
    <Key mark={<View className="h-[6px] w-[6px] rotate-45 border border-soft" />}>holiday</Key>
    <Key mark={<View className="h-[2px] w-[14px] bg-danger" />}>last day to write</Key>
  </View>
);

const Key = ({ mark, children }: { mark: React.ReactNode; children: string }) => (
  <View className="flex-row items-center gap-1">
    {mark}
    <Soft className="text-[0.8125rem]">{children}</Soft>
  </View>
);
