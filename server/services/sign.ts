import { createHmac, randomBytes } from 'node:crypto';

const PREFIX = 'whsec_';

/** A new secret as Standard Webhooks writes it: 24 random bytes in base64 after a prefix. */
export const newSecret = (): string => PREFIX + randomBytes(24).toString('base64');

/**
 * The headers that sign a call (Standard Webhooks, symmetric signatures "v1"): an id that stays the
 * same when it is tried again, the time in seconds, and an HMAC-SHA256 over both and the body.
 */
export function signedHeaders(secret: string, id: string, atMs: number, body: string) {
  const timestamp = String(Math.floor(atMs / 1000));
  const key = Buffer.from(secret.slice(PREFIX.length), 'base64');
  const signature = createHmac('sha256', key).update(`${id}.${timestamp}.${body}`).digest('base64');
  return {
    'webhook-id': id,
    'webhook-timestamp': timestamp,
    'webhook-signature': `v1,${signature}`,
  };
}
