import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useState, type RefObject } from 'react';
import type { View } from 'react-native';

import { call } from '@/client/api';
import { previewPeople, type IncomingPerson, type SHOWN } from '@/contract/imports';

import type { Looked } from './use-import';

export type Shown = (typeof SHOWN)[number];

const PAGE = 100;

const pageQuery = ({ preview, reading }: Looked, show: Shown, page: number) => ({
  queryKey: [previewPeople.path, preview.id, reading, show, page],
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    call(
      previewPeople,
      { params: { id: preview.id }, query: { show, offset: page * PAGE, limit: PAGE } },
      { signal },
    ),
});

/** The people of a file that are in view; their pages are read as they come into view. */
export function useIncoming(
  looked: Looked,
  show: Shown,
  scroller: RefObject<View | null>,
  estimate: number,
) {
  const [pages, setPages] = useState<number[]>([]);
  const first = useQuery({ ...pageQuery(looked, show, 0), placeholderData: keepPreviousData });
  const results = useQueries({ queries: pages.map((page) => pageQuery(looked, show, page)) });
  const total = first.data?.total ?? 0;
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is memoized on it
  const virtual = useVirtualizer({
    count: total,
    getScrollElement: () => scroller.current as unknown as HTMLElement,
    estimateSize: () => estimate,
    overscan: 4,
  });
  const visible = virtual.getVirtualItems();
  const from = Math.floor((visible[0]?.index ?? 0) / PAGE);
  const to = Math.floor((visible.at(-1)?.index ?? 0) / PAGE);
  useEffect(() => {
    setPages(Array.from({ length: to - from + 1 }, (_, i) => from + i).filter((page) => page > 0));
  }, [from, to]);
  const people = new Map<number, IncomingPerson>();
  const put = (page: number, list: readonly IncomingPerson[] = []) =>
    list.forEach((person, i) => people.set(page * PAGE + i, person));
  put(0, first.data?.people);
  results.forEach(({ data }, i) => put(pages[i] ?? 0, data?.people));
  return {
    total: first.data?.total,
    error: first.error ?? results.find(({ error }) => error)?.error ?? null,
    people,
    visible,
    height: virtual.getTotalSize(),
    measure: virtual.measureElement as unknown as (view: View | null) => void,
  };
}
