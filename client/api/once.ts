import { useRef } from 'react';

import { call, newKey, type CallFault } from '@/contract/call';
import type { CallInput, CallOutput, Endpoint } from '@/contract/endpoint';

interface Asked<E extends Endpoint> {
  what: string;
  key: string;
  /** While it is under way. */
  answer: Promise<CallOutput<E>> | null;
}

/** No answer came, so it may have been done. */
const isUnknown = (fault: unknown): boolean =>
  ['silent', 'unavailable'].includes((fault as CallFault).code);

/**
 * Sends each write once. Pressed again while the same thing is under way, it waits for that; tried again
 * when no answer came, it goes under the same key, by which the server knows it.
 */
export function useOnce<E extends Endpoint>(endpoint: E) {
  const last = useRef<Asked<E> | null>(null);
  return (input: CallInput<E>): Promise<CallOutput<E>> => {
    const what = JSON.stringify(input);
    if (last.current?.what === what && last.current.answer) return last.current.answer;
    const key = last.current?.what === what ? last.current.key : newKey();
    const asked: Asked<E> = { what, key, answer: null };
    asked.answer = call(endpoint, input, { key }).then(
      (answer) => {
        if (last.current === asked) last.current = null;
        return answer;
      },
      (fault: unknown) => {
        asked.answer = null;
        if (!isUnknown(fault) && last.current === asked) last.current = null;
        throw fault;
      },
    );
    last.current = asked;
    return asked.answer;
  };
}
