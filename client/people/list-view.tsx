import {
  createContext,
  useContext,
  useMemo,
  useRef,
  useState,
  type ReactNode,
  type RefObject,
} from 'react';

import type { PeopleFilter, PeopleSort } from '@/contract/filters';

/** How the list of people was left, so that coming back from a sheet finds it the same. */
interface ListView {
  filter: PeopleFilter;
  setFilter: (filter: PeopleFilter) => void;
  sort: PeopleSort;
  setSort: (sort: PeopleSort) => void;
  /** Pixels scrolled; a ref, because nothing is drawn anew when it changes. */
  offset: RefObject<number>;
}

const ListViewContext = createContext<ListView | null>(null);

export function ListViewProvider({ children }: { children: ReactNode }) {
  const [filter, setFilter] = useState<PeopleFilter>({});
  const [sort, setSort] = useState<PeopleSort>('slack');
  const offset = useRef(0);
  const view = useMemo(() => ({ filter, setFilter, sort, setSort, offset }), [filter, sort]);
  return <ListViewContext.Provider value={view}>{children}</ListViewContext.Provider>;
}

export function useListView(): ListView {
  const view = useContext(ListViewContext);
  if (!view) throw new Error('useListView needs <ListViewProvider> around the root layout.');
  return view;
}
