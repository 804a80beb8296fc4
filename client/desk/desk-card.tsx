import { useState } from 'react';
import { Linking, View } from 'react-native';

import { useWrite } from '@/client/api';
import { LogForm } from '@/client/touches';
import { Standing } from '@/client/people';
import { Body, Button, Card, Lead, Linked, Soft, Words } from '@/client/ui';
import { putOff, skipItem, swapItem, type DeskItem } from '@/contract/touches';
import { addDays, sentenceCase, shortDate, weekdayName, type PlainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

type Open = 'none' | 'log' | 'later';

/** One letter to write: who, why, what to say, one main action. */
export function DeskCard({ item, today }: { item: DeskItem; today: PlainDate }) {
  const [open, setOpen] = useState<Open>('none');
  const link = item.refused || item.lacks ? null : linkOf(item);
  const toggle = (next: Open) => setOpen(open === next ? 'none' : next);
  return (
    <Card className="gap-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Linked href={`/people/${item.personId}`} className="flex-1">
          <Lead>{item.name}</Lead>
        </Linked>
        <Standing standing={item.standing} />
      </View>
      <Soft className="text-[15px] leading-6">{item.reason}</Soft>
      {item.refused ? <Body className="text-danger">{item.refused}</Body> : null}
      {item.lacks && !item.refused ? <Body className="text-danger">{item.lacks}</Body> : null}
      {item.lacks || item.refused ? <Swap item={item} /> : null}
      {item.words ? <Words>{item.words}</Words> : null}
      {item.lastNote ? (
        <Soft
          numberOfLines={3}
        >{`${shortDate(item.lastNote.on, today)}: ${item.lastNote.body}`}</Soft>
      ) : null}
      <View className="flex-row items-center gap-2 pt-1">
        {link ? (
          <Button
            weight="main"
            label={KIND_WORDS[item.kind].verb}
            spoken={`${KIND_WORDS[item.kind].verb} ${item.name}`}
            onPress={() => {
              setOpen('log');
              void Linking.openURL(link);
            }}
          />
        ) : null}
        <Button
          label="Log"
          spoken={`Log ${item.name}`}
          aria-expanded={open === 'log'}
          onPress={() => toggle('log')}
        />
        <View className="flex-1" />
        <Button
          weight="quiet"
          label="Later"
          spoken={`Later, ${item.name}`}
          aria-expanded={open === 'later'}
          onPress={() => toggle('later')}
        />
      </View>
      {open === 'log' ? (
        <LogForm
          personId={item.personId}
          kind={item.kind}
          itemKey={item.key}
          today={today}
          onDone={() => setOpen('none')}
        />
      ) : null}
      {open === 'later' ? <Later item={item} today={today} /> : null}
    </Card>
  );
}

/** What the main action opens; null when there is nothing to open with. */
function linkOf({ kind, phone, email }: DeskItem): string | null {
  if (kind === 'call') return phone ? `tel:${phone.replace(/\s/g, '')}` : null;
  if (kind === 'text') return phone ? `sms:${phone.replace(/\s/g, '')}` : null;
  if (kind === 'email') return email ? `mailto:${email}` : null;
  return null;
}

function Later({ item, today }: { item: DeskItem; today: PlainDate }) {
  const put = useWrite(putOff);
  const skip = useWrite(skipItem);
  const days = [1, 7, 14].map((n) => addDays(today, n));
  const labels = ['Tomorrow', `${weekdayName(days[1]!)} in a week`, 'In two weeks'];
  return (
    <View className="gap-2 border-t border-line pt-3">
      <View className="flex-row flex-wrap gap-2">
        {days.map((until, i) => (
          <Button
            key={until}
            label={labels[i]!}
            disabled={put.isPending}
            onPress={() => put.mutate({ body: { itemKey: item.key, until } })}
          />
        ))}
        <Button
          label="When there is room"
          spoken={`When there is room, ${item.name}`}
          disabled={put.isPending}
          onPress={() => put.mutate({ body: { itemKey: item.key, until: null } })}
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
      {item.lacks || item.refused ? null : <Swap item={item} />}
    </View>
  );
}

const SWAPS_SHOWN = 3;

/** The same touch another way. */
function Swap({ item }: { item: DeskItem }) {
  const swap = useWrite(swapItem);
  const kinds = item.instead.slice(0, SWAPS_SHOWN);
  if (kinds.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {kinds.map((kind) => (
        <Button
          key={kind}
          weight="quiet"
          label={`${sentenceCase(KIND_WORDS[kind].noun)} instead`}
          spoken={`${sentenceCase(KIND_WORDS[kind].noun)} ${item.name} instead`}
          disabled={swap.isPending}
          onPress={() => swap.mutate({ body: { itemKey: item.key, kind } })}
        />
      ))}
    </View>
  );
}
