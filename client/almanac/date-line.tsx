import { View } from 'react-native';

import { Body, Lead, Linked, Soft } from '@/client/ui';
import type { DateShown } from '@/contract/greetings';
import type { PlainDate } from '@/core/time';

import { OccasionMark } from './parts';
import { dayInMonth, plannedWords } from './words';

/** Somebody's date: who, what, and what is planned for it; it leads to them, or to the greeting. */
export function DateLine({
  date,
  on,
  today,
}: {
  date: DateShown;
  on: PlainDate;
  today: PlainDate;
}) {
  const { greeting, personId, name, what, occasion, round, hushed } = date;
  return (
    <View className="flex-row flex-wrap gap-x-3 border-b border-line py-2">
      <OccasionMark occasion={occasion} />
      <Soft className="w-[52px] pt-0.5 tabular-nums">{dayInMonth(on)}</Soft>
      <View className="min-w-[150px] flex-1">
        <Linked
          href={`/people/${personId}`}
          className="min-h-[28px] max-w-full justify-center self-start"
        >
          <Lead className="text-[1.125rem]">{name}</Lead>
        </Linked>
        <Body className={round ? 'font-sans-semibold' : ''}>{what}</Body>
        {greeting ? (
          <Linked
            href={`/almanac/greetings?at=${encodeURIComponent(greeting.key)}`}
            className="min-h-[28px] max-w-full justify-center self-start"
          >
            <Soft className={greeting.state === 'late' ? 'text-danger' : 'text-sea'}>
              {plannedWords(greeting, today)}
            </Soft>
          </Linked>
        ) : (
          <Soft>{hushed ? 'Not greeted on it.' : 'No greeting.'}</Soft>
        )}
      </View>
    </View>
  );
}
