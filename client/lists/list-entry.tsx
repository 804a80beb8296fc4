import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { useWrite } from '@/client/api';
import { Body, Button, Soft } from '@/client/ui';
import { changeEntry, orderEntries, removeEntry } from '@/contract/lists';
import { need } from '@/core/need';
import { plural } from '@/core/time';

import { ChangeEntry, MergeEntry, type RowEntry, type RowProps } from './list-entry-forms';
import { TYPE_WORDS } from './list-words';

type Open = 'none' | 'acts' | 'change' | 'merge';

const aboutOf = (entry: RowEntry): string =>
  [
    plural(entry.people, 'person', 'people'),
    entry.type && TYPE_WORDS[entry.type],
    entry.promiseDays && `every ${entry.promiseDays} days`,
    entry.pinned && 'offered first',
    entry.retired && 'no longer offered',
  ]
    .filter(Boolean)
    .join(' · ');

/** One entry: its name changes for everybody who has it, and how many they are stands beside it. */
export function EntryRow(props: RowProps) {
  const { list, entry, all } = props;
  const [open, setOpen] = useState<Open>('none');
  const close = () => setOpen('none');
  return (
    <View className="gap-1 border-b border-line py-2">
      <Pressable
        role="button"
        aria-expanded={open !== 'none'}
        onPress={() => setOpen(open === 'none' ? 'acts' : 'none')}
        className="min-h-[36px] flex-row flex-wrap items-baseline gap-x-3"
      >
        <Body className={entry.retired ? 'text-soft' : ''}>{entry.name}</Body>
        <Soft>{aboutOf(entry)}</Soft>
      </Pressable>
      {open === 'change' ? <ChangeEntry {...{ list, entry }} onClose={close} /> : null}
      {open === 'merge' ? <MergeEntry {...{ list, entry, all }} onClose={close} /> : null}
      {open === 'acts' ? <Acts {...props} onOpen={setOpen} /> : null}
    </View>
  );
}

/** The word on a button, the sentence of it, and what it does. */
type Act = [label: string, spoken: string, act: () => void];

/** All that can be done with an entry. */
function Acts({ list, entry, at, all, onOpen }: RowProps & { onOpen: (open: Open) => void }) {
  const change = useWrite(changeEntry);
  const order = useWrite(orderEntries);
  const remove = useWrite(removeEntry);
  const { name, pinned, retired } = entry;
  const params = { list, id: entry.id };
  const up = () => {
    const ids = all.map(({ id }) => id);
    ids.splice(at - 1, 2, need(ids[at]), need(ids[at - 1]));
    order.mutate({ params: { list }, body: { ids } });
  };
  const pin = pinned ? 'Unpin' : 'Pin';
  const acts: (Act | false)[] = [
    ['Change', `Change ${name}`, () => onOpen('change')],
    [pin, `${pin} ${name}`, () => change.mutate({ params, body: { pinned: !pinned } })],
    at > 0 && ['Up', `Move ${name} up`, up],
    [
      retired ? 'Offer again' : 'Retire',
      `${retired ? 'Offer' : 'Retire'} ${name}`,
      () => change.mutate({ params, body: { retired: !retired } }),
    ],
    all.length > 1 && ['Merge into…', `Merge ${name} into another`, () => onOpen('merge')],
    [
      'Take away',
      `Take ${name} away from ${plural(entry.people, 'person', 'people')}`,
      () => remove.mutate({ params }),
    ],
  ];
  return (
    <View className="-ml-2 flex-row flex-wrap">
      {acts
        .filter((act) => act !== false)
        .map(([label, spoken, act]) => (
          <Button key={label} weight="quiet" label={label} spoken={spoken} onPress={act} />
        ))}
    </View>
  );
}
