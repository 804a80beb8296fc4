import { AsyncLocalStorage } from 'node:async_hooks';

/** The key under which a request came, and what it asks for. */
export interface RequestKey {
  key: string;
  asked: string;
}

const current = new AsyncLocalStorage<{ left: RequestKey | null }>();

/** Runs what answers a request; the first action in it is kept under the key. */
export const underKey = (key: RequestKey, work: () => void): void =>
  current.run({ left: key }, work);

/** The key of the request that is being answered; given once, to the first action. */
export function takeKey(): RequestKey | null {
  const store = current.getStore();
  const key = store?.left ?? null;
  if (store) store.left = null;
  return key;
}
