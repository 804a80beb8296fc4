import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Heading, Linked, Soft, useToday } from '@/client/ui';
import { datesOfPerson, hush, type PersonDate } from '@/contract/greetings';
import type { PlainDate } from '@/core/time';

import { OccasionMark } from './parts';
import { dayShort, plannedWords } from './words';

/** The dates of somebody: when each comes next, how they are greeted on it, and whether they are at all. */
export function PersonDates({ personId }: { personId: string }) {
  const today = useToday();
  const read = useRead(datesOfPerson, { params: { id: personId } }, { keepPrevious: true });
  const change = useWrite(hush);
  if (!read.data || read.data.dates.length + Number(read.data.never) === 0) return null;
  const { dates, never } = read.data;
  const set = (occasion: string, hushed: boolean) =>
    change.mutate({ params: { id: personId }, body: { occasion, hushed } });
  return (
    <View className="gap-1">
      <Heading>Dates and greetings</Heading>
      {dates.map((date) => (
        <DateOf
          key={date.dateKey}
          date={date}
          today={today}
          never={never}
          busy={change.isPending}
          onHush={(hushed) => set(date.dateKey, hushed)}
        />
      ))}
      <Button
        weight="quiet"
        className="-ml-2 self-start"
        label={never ? 'Greet them again' : 'Never greet them'}
        disabled={change.isPending}
        onPress={() => set('', !never)}
      />
    </View>
  );
}

interface DateProps {
  date: PersonDate;
  today: PlainDate;
  never: boolean;
  busy: boolean;
  onHush: (hushed: boolean) => void;
}

const DateOf = ({ date, today, never, busy, onHush }: DateProps) => {
  const { occasion, what, next, greeting, hushed } = date;
  return (
    <View className="flex-row flex-wrap gap-x-3 border-b border-line py-1">
      <OccasionMark occasion={occasion} />
      <View className="min-w-[150px] flex-1">
        <Body>{`${dayShort(next, today)}: ${what}`}</Body>
        {date.doubt ? <Soft className="text-warn">{date.doubt}</Soft> : null}
        {greeting && !hushed && !never ? (
          <Linked
            href={`/almanac/greetings?at=${encodeURIComponent(greeting.key)}`}
            className="min-h-[28px] max-w-full justify-center self-start"
          >
            <Soft className="text-sea">{plannedWords(greeting, today)}</Soft>
          </Linked>
        ) : (
          <Soft>{hushed || never ? 'Not greeted on it.' : 'No greeting.'}</Soft>
        )}
      </View>
      {never ? null : (
        <Button
          weight="quiet"
          label={hushed ? 'Greet' : 'Don’t greet'}
          spoken={`${hushed ? 'Greet' : 'Don’t greet'} on: ${what}`}
          disabled={busy}
          onPress={() => onHush(!hushed)}
        />
      )}
    </View>
  );
};
