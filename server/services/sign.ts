import { randomBytes } from 'node:crypto';

import { Webhook } from 'standardwebhooks';

export const SECRET_PREFIX = 'whsec_';

/** A new secret as Standard Webhooks writes it: 24 random bytes in base64 after a prefix. */
export const newSecret = (): string => `${SECRET_PREFIX}${randomBytes(24).toString('base64')}`;

/**
 * The headers that sign a call (Standard Webhooks, symmetric signatures "v1"): an id that stays the
 * same when it is tried again, the time in seconds, and a signature over both and the body.
 */
export function signedHeaders(secret: string, id: string, atMs: number, body: string) {
  const seconds = Math.floor(atMs / 1000);
  return {
    'webhook-id': id,
    'webhook-timestamp': String(seconds),
    'webhook-signature': new Webhook(secret).sign(id, new Date(seconds * 1000), body),
  };
}
