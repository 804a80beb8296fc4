import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import {
  Body,
  Button,
  Choice,
  Fault,
  Field,
  Linked,
  NumberField,
  Page,
  Select,
  Soft,
  Title,
  Waiting,
} from '@/client/ui';
import {
  addEntry,
  changeEntry,
  mergeEntries,
  orderEntries,
  readLists,
  removeEntry,
  type ListName,
} from '@/contract/lists';
import { OWN_TYPES, type OwnType } from '@/core/people';
import { plural } from '@/core/time';

const LISTS = [
  { value: 'role', label: 'Roles' },
  { value: 'standing', label: 'Standings' },
  { value: 'circle', label: 'Circles' },
  { value: 'source', label: 'Sources' },
  { value: 'tag', label: 'Tags' },
  { value: 'field', label: 'Fields of your own' },
] as const;

const ONE: Record<ListName, string> = {
  role: 'role',
  standing: 'standing',
  circle: 'circle',
  source: 'source',
  tag: 'tag',
  field: 'field',
};

const TYPE_WORDS: Record<OwnType, string> = {
  text: 'Text',
  number: 'Number',
  money: 'Money',
  date: 'Date',
  choice: 'Choice',
  flag: 'Yes or no',
};

/** The words that the owner sorts people by, and fields of their own. */
export function ListsScreen() {
  const [list, setList] = useState<ListName>('role');
  const lists = useRead(readLists);
  return (
    <Page narrow>
      <Linked href="/more" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ More</Body>
      </Linked>
      <Title>Lists and fields</Title>
      <Choice label="List" value={list} options={LISTS} onChange={setList} />
      <Soft>Press an entry to rename, order, retire or merge it.</Soft>
      <Waiting query={lists}>
        {(data) => (
          <>
            <AddEntry key={list} list={list} />
            <View role="list">
              {data[list].map((entry, at) => (
                <EntryRow
                  key={entry.id}
                  list={list}
                  entry={entry}
                  at={at}
                  all={data[list].map(({ id, name }) => ({ id, name }))}
                />
              ))}
            </View>
            {data[list].length === 0 ? <Soft>Nothing is on this list yet.</Soft> : null}
          </>
        )}
      </Waiting>
    </Page>
  );
}

const choicesOf = (text: string) =>
  text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter(Boolean);

function AddEntry({ list }: { list: ListName }) {
  const [name, setName] = useState('');
  const [type, setType] = useState<OwnType>('text');
  const [choices, setChoices] = useState('');
  const add = useWrite(addEntry);
  const keep = () =>
    add.mutate(
      {
        params: { list },
        body: {
          name,
          ...(list === 'field' ? { type } : {}),
          ...(list === 'field' && type === 'choice' ? { choices: choicesOf(choices) } : {}),
        },
      },
      { onSuccess: () => setName('') },
    );
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-end gap-2">
        <Field
          label={`A new ${ONE[list]}`}
          className="min-w-[180px] flex-1"
          value={name}
          onChangeText={setName}
          onSubmitEditing={keep}
        />
        {list === 'field' ? (
          <Select
            label="What it holds"
            className="w-[150px]"
            value={type}
            options={OWN_TYPES.map((value) => ({ value, label: TYPE_WORDS[value] }))}
            onChange={setType}
          />
        ) : null}
        <Button label="Add" disabled={name.trim() === '' || add.isPending} onPress={keep} />
      </View>
      {list === 'field' && type === 'choice' ? (
        <Field
          label="What can be chosen, parted by commas"
          value={choices}
          onChangeText={setChoices}
        />
      ) : null}
      {add.error ? <Fault>{add.error.message}</Fault> : null}
    </View>
  );
}

interface RowEntry {
  id: string;
  name: string;
  pinned: boolean;
  retired: boolean;
  people: number;
  promiseDays?: number | null;
  type?: OwnType;
  choices?: string[];
}

interface RowProps {
  list: ListName;
  entry: RowEntry;
  at: number;
  all: readonly { id: string; name: string }[];
}

/** One entry: its name changes for everybody who has it, and how many they are stands beside it. */
function EntryRow({ list, entry, at, all }: RowProps) {
  const [open, setOpen] = useState<'none' | 'acts' | 'change' | 'merge'>('none');
  const change = useWrite(changeEntry);
  const order = useWrite(orderEntries);
  const remove = useWrite(removeEntry);
  const params = { list, id: entry.id };
  const up = () => {
    const ids = all.map(({ id }) => id);
    ids.splice(at - 1, 2, ids[at]!, ids[at - 1]!);
    order.mutate({ params: { list }, body: { ids } });
  };
  const about = [
    plural(entry.people, 'person', 'people'),
    entry.type && TYPE_WORDS[entry.type],
    entry.promiseDays && `every ${entry.promiseDays} days`,
    entry.pinned && 'offered first',
    entry.retired && 'no longer offered',
  ];
  return (
    <View role="listitem" className="gap-1 border-b border-line py-2">
      <Pressable
        role="button"
        aria-expanded={open !== 'none'}
        onPress={() => setOpen(open === 'none' ? 'acts' : 'none')}
        className="min-h-[36px] flex-row flex-wrap items-baseline gap-x-3"
      >
        <Body className={entry.retired ? 'text-soft' : ''}>{entry.name}</Body>
        <Soft>{about.filter(Boolean).join(' · ')}</Soft>
      </Pressable>
      {open === 'change' ? (
        <ChangeEntry list={list} entry={entry} onClose={() => setOpen('none')} />
      ) : open === 'merge' ? (
        <MergeEntry list={list} entry={entry} all={all} onClose={() => setOpen('none')} />
      ) : open === 'acts' ? (
        <View className="-ml-2 flex-row flex-wrap">
          <Button
            weight="quiet"
            label="Change"
            spoken={`Change ${entry.name}`}
            onPress={() => setOpen('change')}
          />
          <Button
            weight="quiet"
            label={entry.pinned ? 'Unpin' : 'Pin'}
            spoken={`${entry.pinned ? 'Unpin' : 'Pin'} ${entry.name}`}
            onPress={() => change.mutate({ params, body: { pinned: !entry.pinned } })}
          />
          {at > 0 ? (
            <Button weight="quiet" label="Up" spoken={`Move ${entry.name} up`} onPress={up} />
          ) : null}
          <Button
            weight="quiet"
            label={entry.retired ? 'Offer again' : 'Retire'}
            spoken={`${entry.retired ? 'Offer' : 'Retire'} ${entry.name}`}
            onPress={() => change.mutate({ params, body: { retired: !entry.retired } })}
          />
          {all.length > 1 ? (
            <Button
              weight="quiet"
              label="Merge into…"
              spoken={`Merge ${entry.name} into another`}
              onPress={() => setOpen('merge')}
            />
          ) : null}
          <Button
            weight="quiet"
            label="Take away"
            spoken={`Take ${entry.name} away from ${plural(entry.people, 'person', 'people')}`}
            onPress={() => remove.mutate({ params })}
          />
        </View>
      ) : null}
    </View>
  );
}

interface FormProps {
  list: ListName;
  entry: RowEntry;
  onClose: () => void;
}

function ChangeEntry({ list, entry, onClose }: FormProps) {
  const [name, setName] = useState(entry.name);
  const [promise, setPromise] = useState(entry.promiseDays?.toString() ?? '');
  const [choices, setChoices] = useState((entry.choices ?? []).join(', '));
  const change = useWrite(changeEntry);
  const keep = () =>
    change.mutate(
      {
        params: { list, id: entry.id },
        body: {
          name,
          ...(list === 'circle'
            ? { promiseDays: promise.trim() === '' ? null : Number(promise) }
            : {}),
          ...(entry.type === 'choice' ? { choices: choicesOf(choices) } : {}),
        },
      },
      { onSuccess: onClose },
    );
  return (
    <View className="gap-2 border-l-2 border-edge py-1 pl-3">
      <Field label="Name" value={name} onChangeText={setName} autoFocus onSubmitEditing={keep} />
      {name !== entry.name && entry.people > 0 ? (
        <Soft>{`This changes it for ${plural(entry.people, 'person', 'people')}.`}</Soft>
      ) : null}
      {list === 'circle' ? (
        <NumberField label="Promise, every" unit="days" value={promise} onChange={setPromise} />
      ) : null}
      {entry.type === 'choice' ? (
        <Field label="What can be chosen" value={choices} onChangeText={setChoices} />
      ) : null}
      {change.error ? <Fault>{change.error.message}</Fault> : null}
      <View className="flex-row gap-2">
        <Button label="Keep" disabled={change.isPending || name.trim() === ''} onPress={keep} />
        <Button weight="quiet" label="Leave it" onPress={onClose} />
      </View>
    </View>
  );
}

function MergeEntry({ list, entry, all, onClose }: FormProps & Pick<RowProps, 'all'>) {
  const [into, setInto] = useState('');
  const merge = useWrite(mergeEntries);
  return (
    <View className="gap-2 border-l-2 border-edge py-1 pl-3">
      <Select
        label={`Merge ${entry.name} into`}
        value={into}
        options={[
          { value: '', label: 'Choose…' },
          ...all
            .filter(({ id }) => id !== entry.id)
            .map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={setInto}
      />
      <Soft>{`This changes it for ${plural(entry.people, 'person', 'people')}.`}</Soft>
      {merge.error ? <Fault>{merge.error.message}</Fault> : null}
      <View className="flex-row gap-2">
        <Button
          label="Merge"
          disabled={into === '' || merge.isPending}
          onPress={() =>
            merge.mutate({ params: { list, id: entry.id }, body: { into } }, { onSuccess: onClose })
          }
        />
        <Button weight="quiet" label="Leave it" onPress={onClose} />
      </View>
    </View>
  );
}
