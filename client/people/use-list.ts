import { useVirtualizer } from '@tanstack/react-virtual';
import { useGlobalSearchParams } from 'expo-router';
import { useEffect, useState, type RefObject } from 'react';
import type { TextInput, View } from 'react-native';

import type { PeopleFilter, Who } from '@/contract/filters';

import { useListView } from './list-view';
import { PAGE_ROWS, usePeoplePages } from './use-people';

export const ROW_HEIGHT = 72;

/** Whom are picked: single ones, or everybody whom the filter finds. */
type Picked = { all: true } | { all: false; ids: ReadonlySet<string> };
const NOBODY: Picked = { all: false, ids: new Set() };

/** The filter and the order of the list, as the address and the search field change them. */
function useFilter(search: RefObject<TextInput | null>) {
  const { find, batch } = useGlobalSearchParams<{ find?: string; batch?: string }>();
  const { filter, setFilter, sort, setSort } = useListView();
  useEffect(() => {
    if (find) search.current?.focus();
  }, [find, search]);
  useEffect(() => {
    if (batch) setFilter({ batchId: batch });
  }, [batch, setFilter]);
  const change = (next: PeopleFilter) => {
    if (!next.text && sort === 'match') setSort('slack');
    setFilter(next);
  };
  // A search begins in the order of what it finds; clearing it goes back to who is least in time.
  const searchFor = (text: string) => {
    if (text && !filter.text && sort === 'slack') setSort('match');
    const { text: _, ...rest } = filter;
    change(text ? { ...rest, text } : rest);
  };
  return { filter, change, sort, setSort, searchFor };
}

/** The rows in view of a list of any length; their pages are read as they come into view. */
function useRows(
  filter: PeopleFilter,
  sort: ReturnType<typeof useFilter>['sort'],
  scroller: RefObject<View | null>,
) {
  const { offset } = useListView();
  const [pages, setPages] = useState<number[]>([0]);
  const read = usePeoplePages(filter, sort, pages);
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is memoized on it
  const virtual = useVirtualizer({
    count: read.total ?? 0,
    getScrollElement: () => scroller.current as unknown as HTMLElement,
    estimateSize: () => ROW_HEIGHT,
    overscan: 8,
    initialOffset: offset.current,
    onChange: (list) => {
      offset.current = list.scrollOffset ?? 0;
    },
  });
  const visible = virtual.getVirtualItems();
  const first = Math.floor((visible[0]?.index ?? 0) / PAGE_ROWS);
  const last = Math.floor((visible.at(-1)?.index ?? 0) / PAGE_ROWS);
  useEffect(() => {
    setPages(Array.from({ length: last - first + 1 }, (_, i) => first + i));
  }, [first, last]);
  return { ...read, visible, height: virtual.getTotalSize() };
}

/** Who is picked to do something with; null outside of choosing. */
function usePicked(filter: PeopleFilter, total: number) {
  const [picked, setPicked] = useState<Picked | null>(null);
  const pick = (id: string) => {
    const ids = new Set(picked && !picked.all ? picked.ids : []);
    if (!ids.delete(id)) ids.add(id);
    setPicked({ all: false, ids });
  };
  const who: Who = picked?.all ? { filter } : { ids: picked ? [...picked.ids] : [] };
  return {
    picked,
    who,
    count: picked?.all ? total : (picked?.ids.size ?? 0),
    has: (id: string) => (picked ? picked.all || picked.ids.has(id) : null),
    pick,
    begin: () => setPicked(NOBODY),
    all: () => setPicked({ all: true }),
    end: () => setPicked(null),
  };
}

interface Refs {
  search: RefObject<TextInput | null>;
  scroller: RefObject<View | null>;
}

/** Everything that the list of people knows. */
export function useList({ search, scroller }: Refs) {
  const { filter, change, searchFor, ...rest } = useFilter(search);
  const rows = useRows(filter, rest.sort, scroller);
  const picking = usePicked(filter, rows.total ?? 0);
  // Somebody picked under another filter is not meant any more.
  const unpick = () => picking.picked && picking.begin();
  return {
    filter,
    ...rest,
    rows,
    picking,
    change: (next: PeopleFilter) => {
      change(next);
      unpick();
    },
    searchFor: (text: string) => {
      searchFor(text);
      unpick();
    },
  };
}
