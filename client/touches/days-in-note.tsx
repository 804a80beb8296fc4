import { View } from 'react-native';

import { useSettled } from '@/client/api';
import { Chip, Soft, useDateOrder, useToday } from '@/client/ui';
import { daysInNote, type DayInNote } from '@/core/day-words';
import { longDate, sentenceCase } from '@/core/time';

const SHOWN = 3;

/** The days that a note tells of, once typing has paused. */
export function useDaysInNote(note: string): DayInNote[] {
  const [today, order] = [useToday(), useDateOrder()];
  return daysInNote(useSettled(note), today, order).slice(0, SHOWN);
}

interface Props {
  days: readonly DayInNote[];
  isKept: (day: DayInNote) => boolean;
  onKeep: (day: DayInNote, kept: boolean) => void;
}

/** The days that a note tells of, each to be kept as a date of theirs or not. */
export function DaysInNote({ days, isKept, onKeep }: Props) {
  const today = useToday();
  if (days.length === 0) return null;
  return (
    <View>
      <Soft>The note tells of a day. Keep it as a date?</Soft>
      <View className="flex-row flex-wrap gap-x-4">
        {days.map((day) => (
          <Chip
            key={day.name}
            label={`${sentenceCase(day.name)}, ${longDate(day.on, today)}`}
            chosen={isKept(day)}
            onPress={() => onKeep(day, !isKept(day))}
          />
        ))}
      </View>
      {days.some(({ monthOnly }) => monthOnly) ? (
        <Soft>Where it tells the month alone, the first is taken.</Soft>
      ) : null}
    </View>
  );
}
