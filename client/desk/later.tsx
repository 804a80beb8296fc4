import { useState } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Button, DayInput, DisclosureButton } from '@/client/ui';
import { putOff, skipItem, swapItem, type DeskItem } from '@/contract/touches';
import { addDays, isPlainDate, sentenceCase, weekdayName, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

interface Props {
  item: DeskItem;
  today: PlainDate;
}

/** Another day: one of those at hand, any other, or the one with room; or none at all. */
export function Later({ item, today }: Props) {
  const put = useWrite(putOff);
  const skip = useWrite(skipItem);
  const days = [
    { day: addDays(today, 1), label: 'Tomorrow' },
    { day: addDays(today, 7), label: `${weekdayName(addDays(today, 7))} in a week` },
    { day: addDays(today, 14), label: 'In two weeks' },
  ];
  const until = (day: PlainDate | null) => put.mutate({ body: { itemKey: item.key, until: day } });
  return (
    <View className="gap-2 border-t border-line pt-3">
      <View className="flex-row flex-wrap gap-2">
        {days.map(({ day, label }) => (
          <Button key={day} label={label} disabled={put.isPending} onPress={() => until(day)} />
        ))}
        <Button
          label="When there is room"
          spoken={`When there is room, ${item.name}`}
          disabled={put.isPending}
          onPress={() => until(null)}
        />
        {item.source === 'keep' ? null : (
          <Button
            weight="quiet"
            label="Let it go"
            disabled={skip.isPending}
            onPress={() => skip.mutate({ body: { itemKey: item.key } })}
          />
        )}
      </View>
      <AnyDay today={today} busy={put.isPending} onDay={until} />
      {item.lacks || item.refused ? null : <Swap item={item} />}
    </View>
  );
}

interface AnyDayProps {
  today: PlainDate;
  busy: boolean;
  onDay: (day: PlainDate) => void;
}

function AnyDay({ today, busy, onDay }: AnyDayProps) {
  const [day, setDay] = useState('');
  const fits = isPlainDate(day) && day > today;
  return (
    <View className="flex-row flex-wrap items-start gap-2">
      <DayInput label="Or on" value={day} min={addDays(today, 1)} onChange={setDay} />
      <Button
        className="mt-6"
        label="Then"
        disabled={busy || !fits}
        onPress={() => onDay(day as PlainDate)}
      />
    </View>
  );
}

/** So many other ways are shown at once. */
const SHOWN = 2;

/** The same touch another way, of those that this person has: the likeliest, and the rest on request. */
export function Swap({ item }: Pick<Props, 'item'>) {
  const swap = useWrite(swapItem);
  const [all, setAll] = useState(false);
  if (item.instead.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {item.instead.slice(0, all ? undefined : SHOWN).map((kind) => (
        <Button
          key={kind}
          weight="quiet"
          label={`${sentenceCase(KIND_WORDS[kind].noun)} instead`}
          spoken={`${sentenceCase(KIND_WORDS[kind].noun)} ${item.name} instead`}
          disabled={swap.isPending}
          onPress={() => swap.mutate({ body: { itemKey: item.key, kind } })}
        />
      ))}
      {item.instead.length > SHOWN ? (
        <DisclosureButton
          weight="quiet"
          label="More ways"
          openLabel="Fewer ways"
          about={`to reach ${item.name}`}
          open={all}
          onToggle={() => setAll(!all)}
        />
      ) : null}
    </View>
  );
}
