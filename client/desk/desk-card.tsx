import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { Standing } from '@/client/people';
import { LogForm } from '@/client/touches';
import { Body, Card, DisclosureButton, Lead, Linked, Soft } from '@/client/ui';
import type { DeskItem } from '@/contract/touches';
import { shortDate, type PlainDate } from '@/core/time';

import { Later, Swap } from './later';
import { SendIt } from './send-it';
import { OpenIt, useToWrite, WordsToUse } from './to-write';

type Open = 'none' | 'log' | 'later';

interface Props {
  item: DeskItem;
  today: PlainDate;
  /** Whether this is the person who stands beside the list; null where nobody does. */
  inHand: boolean | null;
}

/** One letter to write: who, why, what to say, one main action. */
export function DeskCard({ item, today, inHand }: Props) {
  const router = useRouter();
  const [open, setOpen] = useState<Open>('none');
  const to = useToWrite(item);
  const link = item.refused || item.lacks ? null : to.link;
  const hand = `/?hand=${item.personId}`;
  const show = (next: Open) => {
    setOpen(next);
    if (inHand === false && next !== 'none') router.navigate(hand as '/');
  };
  const toggle = (next: Open) => show(open === next ? 'none' : next);
  return (
    <Card className={`gap-2 ${inHand ? 'border-l-[3px] border-l-ink' : ''}`}>
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Linked
          href={inHand === null ? `/people/${item.personId}` : hand}
          aria-current={inHand ? 'true' : undefined}
          className="min-w-0 shrink"
        >
          <Lead>{item.name}</Lead>
        </Linked>
        <Standing standing={item.standing} />
      </View>
      <Soft className="text-[0.9375rem] leading-6">{item.reason}</Soft>
      <Hindrances item={item} />
      {item.lacks || item.refused ? <Swap item={item} /> : null}
      <WordsToUse item={item} to={to} />
      {item.lastNote ? <LastNote note={item.lastNote} today={today} /> : null}
      <View className="flex-row flex-wrap items-center gap-2 pt-1">
        {link ? <SendIt item={item} to={to} /> : null}
        {link ? <OpenIt item={item} link={link} onOpen={() => show('log')} /> : null}
        <DisclosureButton
          label="Log"
          about={item.name}
          open={open === 'log'}
          onToggle={() => toggle('log')}
        />
        <View className="flex-1" />
        <DisclosureButton
          weight="quiet"
          label="Later"
          about={item.name}
          open={open === 'later'}
          onToggle={() => toggle('later')}
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

const LastNote = ({
  note,
  today,
}: {
  note: NonNullable<DeskItem['lastNote']>;
  today: PlainDate;
}) => <Soft numberOfLines={3}>{`${shortDate(note.on, today)}: ${note.body}`}</Soft>;

/** What keeps it from being done as it is planned. */
function Hindrances({ item: { quiet, refused, lacks } }: Pick<Props, 'item'>) {
  return (
    <>
      {quiet ? <Body className="text-warn">{quiet}</Body> : null}
      {refused ? <Body className="text-danger">{refused}</Body> : null}
      {lacks && !refused ? <Body className="text-danger">{lacks}</Body> : null}
    </>
  );
}
