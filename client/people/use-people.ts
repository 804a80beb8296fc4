import { keepPreviousData, useQueries } from '@tanstack/react-query';
import { useMemo } from 'react';

import { call } from '@/client/api';
import { listPeople, type PeopleFilter, type PeopleSort, type PersonRow } from '@/contract/people';

export const PAGE_ROWS = 100;

const toQuery = (filter: PeopleFilter, sort: PeopleSort, page: number) => ({
  ...(filter.text ? { text: filter.text } : {}),
  ...(filter.circleIds?.length ? { circleIds: filter.circleIds.join(',') } : {}),
  ...(filter.warmths?.length ? { warmths: filter.warmths.join(',') } : {}),
  ...(filter.tags?.length ? { tags: filter.tags.join(',') } : {}),
  ...(filter.cadenceId ? { cadenceId: filter.cadenceId } : {}),
  ...(filter.batchId ? { batchId: filter.batchId } : {}),
  ...(filter.lacks ? { lacks: filter.lacks } : {}),
  sort,
  offset: page * PAGE_ROWS,
  limit: PAGE_ROWS,
});

/**
 * The pages of a list that are in view (at least one), read as they come into view. `total` is undefined until the
 * first page is there.
 */
export function usePeoplePages(filter: PeopleFilter, sort: PeopleSort, pages: readonly number[]) {
  const results = useQueries({
    queries: pages.map((page) => ({
      queryKey: [listPeople.path, 'page', toQuery(filter, sort, page)],
      queryFn: ({ signal }: { signal: AbortSignal }) =>
        call(listPeople, { query: toQuery(filter, sort, page) }, { signal }),
      placeholderData: keepPreviousData,
    })),
  });
  const rows = useMemo(() => {
    const byIndex = new Map<number, PersonRow>();
    results.forEach((result, i) =>
      result.data?.rows.forEach((row, n) => byIndex.set(pages[i]! * PAGE_ROWS + n, row)),
    );
    return byIndex;
  }, [results, pages]);
  const total = results.find(({ data }) => data)?.data?.total;
  const error = results.find((result) => result.error)?.error ?? null;
  return { rows, total, error };
}
