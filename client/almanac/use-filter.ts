import { useState } from 'react';

import { useRead } from '@/client/api';
import { useViews } from '@/client/people';
import type { PeopleFilter } from '@/contract/filters';
import { readLists } from '@/contract/lists';

/** Whose dates are shown: one of a few ways to say it, as it stands in the address of a list. */
export interface Whose {
  value: string;
  label: string;
  filter: PeopleFilter;
}

const EVERYBODY: Whose = { value: '', label: 'Everybody', filter: {} };

const ofRole = (role: string): PeopleFilter => ({
  rules: { match: 'all', of: [{ field: 'role', test: 'anyOf', values: [role] }] },
});

/** The circles, roles, tags and views by which dates can be looked at, and the one that is chosen. */
export function useWhose() {
  const [value, setValue] = useState('');
  const lists = useRead(readLists).data;
  const views = useViews().data?.views ?? [];
  const all: Whose[] = [
    EVERYBODY,
    ...(lists?.circle ?? []).map(({ id, name }) => ({
      value: `circle ${id}`,
      label: `Circle: ${name}`,
      filter: { circleIds: [id] },
    })),
    ...(lists?.role ?? [])
      .filter(({ people }) => people > 0)
      .map(({ id, name }) => ({
        value: `role ${id}`,
        label: `Role: ${name}`,
        filter: ofRole(name),
      })),
    ...views.map(({ id, name, filter }) => ({
      value: `view ${id}`,
      label: `View: ${name}`,
      filter,
    })),
    ...(lists?.tag ?? [])
      .filter(({ people }) => people > 0)
      .map(({ id, name }) => ({
        value: `tag ${id}`,
        label: `Tag: ${name}`,
        filter: { tags: [name] },
      })),
  ];
  return { all, chosen: all.find((one) => one.value === value) ?? EVERYBODY, choose: setValue };
}
