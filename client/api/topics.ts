import type { QueryClient, QueryMeta } from '@tanstack/react-query';

import type { Endpoint } from '@/contract/endpoint';
import { TOPICS, type Topic } from '@/contract/topics';

/** Says of a query what its answer is about, so that it is read again when that changes. */
export const about = ({ shows }: Pick<Endpoint, 'shows'>): QueryMeta => (shows ? { shows } : {});

/** Reads again what shows any of these topics, and whatever does not say what it shows. */
export const readAgain = (client: QueryClient, topics: readonly Topic[] = TOPICS) =>
  client.invalidateQueries({
    predicate: ({ meta }) => {
      const shows = meta?.shows as readonly Topic[] | undefined;
      return !shows || shows.some((topic) => topics.includes(topic));
    },
  });
