import { useMutation, useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';

import { call, type CallFault } from '@/contract/call';
import type { Done } from '@/contract/common';
import type { CallInput, CallOutput, Endpoint } from '@/contract/endpoint';
import type { Topic } from '@/contract/topics';

import { useNotify } from './notice';
import { useOnce } from './once';
import { about, readAgain } from './topics';

/** Reads an endpoint; the answer is kept until something is written. */
export function useRead<E extends Endpoint>(
  endpoint: E,
  input: CallInput<E> = {},
  options: {
    enabled?: boolean;
    keepPrevious?: boolean;
    /** What this answer is about, where that is less than what the endpoint may show. */
    showsOf?: (data: CallOutput<E>) => readonly Topic[];
  } = {},
): UseQueryResult<CallOutput<E>, CallFault> {
  const { showsOf } = options;
  return useQuery<CallOutput<E>, CallFault>({
    queryKey: [endpoint.path, input],
    queryFn: ({ signal }) => call(endpoint, input, { signal }),
    meta: showsOf
      ? {
          shows: (data: CallOutput<E> | undefined) =>
            data ? showsOf(data) : (endpoint.shows ?? []),
        }
      : about(endpoint),
    enabled: options.enabled ?? true,
    ...(options.keepPrevious ? { placeholderData: (previous) => previous } : {}),
  });
}

/**
 * Writes through an endpoint. Afterwards what shows the topics that it touched is read again; what
 * was done is said at the foot of the screen with an undo. So is a refusal, unless who asked tells it
 * at its own place. `onWritten` comes before anything is read again.
 */
export function useWrite<E extends Endpoint>(
  endpoint: E,
  { tells = true, onWritten }: { tells?: boolean; onWritten?: () => void } = {},
) {
  const client = useQueryClient();
  const notify = useNotify();
  const send = useOnce(endpoint);
  return useMutation<CallOutput<E>, CallFault, CallInput<E>>({
    mutationFn: send,
    onSuccess: (result) => {
      onWritten?.();
      const { actionId, sentence, topics } = (result ?? {}) as Partial<Done>;
      if (sentence) notify({ sentence, actionId: actionId ?? null });
      return readAgain(client, topics);
    },
    onError: (fault) => {
      if (tells) notify({ sentence: fault.message, actionId: null });
      if (fault.code === 'conflict') void readAgain(client);
    },
  });
}
