import { useState } from 'react';

import { useRead } from '@/client/api';
import { Choice, PageList, Soft, Spread, Title, useWide, Waiting } from '@/client/ui';
import { readLists, type ListName } from '@/contract/lists';
import { need } from '@/core/need';

import { AddEntry } from './list-add';
import { EntryRow } from './list-entry';

const LISTS = [
  { value: 'role', label: 'Roles' },
  { value: 'standing', label: 'Standings' },
  { value: 'circle', label: 'Circles' },
  { value: 'source', label: 'Sources' },
  { value: 'tag', label: 'Tags' },
  { value: 'field', label: 'Fields of your own' },
] as const;

/** The words that the owner sorts people by, and fields of their own. */
export function ListsScreen() {
  const [list, setList] = useState<ListName>('role');
  const wide = useWide();
  const lists = useRead(readLists);
  const label = need(LISTS.find(({ value }) => value === list)).label;
  const add = <AddEntry key={list} list={list} />;
  return (
    <Spread onPhone="nowhere" beside={add}>
      <Title>Lists and fields</Title>
      <Choice label="List" value={list} options={LISTS} onChange={setList} />
      <Soft>Press an entry to rename, order, retire or merge it.</Soft>
      {/* A long list would put it far below. */}
      {wide ? null : add}
      <Waiting query={lists}>
        {(data) => (
          <PageList
            key={`${list} entries`}
            label={label}
            items={data[list]}
            idOf={({ id }) => id}
            textOf={({ name }) => name}
            empty="Nothing is on this list yet."
          >
            {(entry, at) => <EntryRow list={list} entry={entry} at={at} all={data[list]} />}
          </PageList>
        )}
      </Waiting>
    </Spread>
  );
}
