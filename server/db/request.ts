import { AsyncLocalStorage } from 'node:async_hooks';

import type { Sql } from './sql';

/** A request that must be done once, by the key that it carried. */
export interface KeyedRequest {
  key: string;
  /** A digest of what was asked. */
  hash: string;
  at: string;
  /** The transaction that is claiming the key at this moment. */
  claim: Promise<unknown> | null;
  /** Whether something was committed under the key. */
  claimed: boolean;
  /** The response contains a secret that we don't store, so a retry can't replay it. */
  secret: boolean;
}

const current = new AsyncLocalStorage<KeyedRequest | null>();

/** The request that is being answered, if it carried a key. */
export const currentRequest = (): KeyedRequest | null => current.getStore() ?? null;

/** Runs what answers a request; its first write claims the key. */
export const underRequest = <T>(request: KeyedRequest, work: () => T): T =>
  current.run(request, work);

/** Runs work that a request sets off without being part of it. */
export const apartFromRequest = <T>(work: () => T): T => current.run(null, work);

/**
 * Runs a transaction that claims the key of the current request, unless an earlier one has: the key is
 * there exactly if something was written under it. A key that is there already fails with 23505.
 */
export async function claiming<T>(
  transaction: (before: (tx: Sql) => Promise<void>) => Promise<T>,
): Promise<T> {
  const request = currentRequest();
  // One of several at once claims it; if it fails, the next one does.
  while (request?.claim) await request.claim.catch(() => {});
  if (!request || request.claimed) return transaction(async () => {});
  const claim = transaction(async (tx) => {
    await tx.query('insert into request (key, hash, at) values ($1, $2, $3::timestamptz)', [
      request.key,
      request.hash,
      request.at,
    ]);
  });
  request.claim = claim;
  try {
    const result = await claim;
    request.claimed = true;
    return result;
  } finally {
    request.claim = null;
  }
}
