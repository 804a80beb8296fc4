import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';

import { about, call } from '@/client/api';
import { toFilterQuery, type PeopleFilter, type PeopleSort } from '@/contract/filters';
import { listPeople, type PersonRow } from '@/contract/people';

import { findsByNotes } from './use-views';

export const PAGE_ROWS = 100;

const toQuery = (filter: PeopleFilter, sort: PeopleSort, page: number) => ({
  ...toFilterQuery(filter),
  sort,
  offset: page * PAGE_ROWS,
  limit: PAGE_ROWS,
});

const pageQuery = (filter: PeopleFilter, sort: PeopleSort, page: number) => ({
  queryKey: [listPeople.path, 'page', toQuery(filter, sort, page)],
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    call(listPeople, { query: toQuery(filter, sort, page) }, { signal }),
  meta: about(listPeople, findsByNotes(filter) ? [] : ['notes']),
});

/**
 * The pages of a list that are in view, read as they come into view. The first page is always kept,
 * because it says how many people there are: a list that lost count would jump back to its top.
 */
export function usePeoplePages(filter: PeopleFilter, sort: PeopleSort, pages: readonly number[]) {
  const first = useQuery({ ...pageQuery(filter, sort, 0), placeholderData: keepPreviousData });
  const others = pages.filter((page) => page > 0);
  const results = useQueries({ queries: others.map((page) => pageQuery(filter, sort, page)) });
  const rows = new Map<number, PersonRow>();
  const put = (page: number, list: readonly PersonRow[] = []) =>
    list.forEach((row, i) => rows.set(page * PAGE_ROWS + i, row));
  put(0, first.data?.rows);
  results.forEach(({ data }, i) => put(others[i] ?? 0, data?.rows));
  const error = first.error ?? results.find((result) => result.error)?.error ?? null;
  return { rows, total: first.data?.total, near: first.data?.near ?? false, error };
}
