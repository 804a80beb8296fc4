import type { Query, QueryClient, QueryMeta } from '@tanstack/react-query';

import type { Endpoint } from '@/contract/endpoint';
import { TOPICS, type Topic } from '@/contract/topics';

type Shows = readonly Topic[] | ((data: unknown) => readonly Topic[]);

/**
 * Says of a query what its answer is about, so that it is read again when that changes. Topics of the
 * endpoint that this one answer is not about are left out.
 */
export const about = (
  { shows }: Pick<Endpoint, 'shows'>,
  without: readonly Topic[] = [],
): QueryMeta => (shows ? { shows: shows.filter((topic) => !without.includes(topic)) } : {});

function isAbout({ meta, state }: Query, topics: readonly Topic[]): boolean {
  const told = meta?.shows as Shows | undefined;
  const shows = typeof told === 'function' ? told(state.data) : told;
  return !shows || shows.some((topic) => topics.includes(topic));
}

/** Reads again what shows any of these topics, and whatever does not say what it shows. */
export async function readAgain(
  client: QueryClient,
  topics: readonly Topic[] = TOPICS,
): Promise<void> {
  // A first answer that is still on its way may be from before the write, and would not be asked for again.
  await client.cancelQueries({
    fetchStatus: 'fetching',
    predicate: (query) => query.state.data === undefined && isAbout(query, topics),
  });
  await client.invalidateQueries({ predicate: (query) => isAbout(query, topics) });
}
