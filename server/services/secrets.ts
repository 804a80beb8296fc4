import type { Context } from '../context';
import type { Keys } from '../keys';
import * as queries from './queries';
import { SECRET_PREFIX } from './sign';

const purpose = (id: string) => `service:${id}`;

export const sealSecret = (keys: Keys, id: string, secret: string): string =>
  keys.seal(secret, purpose(id));

/** The secret of a service; null when the key that it was sealed with is gone. */
export const secretOf = (keys: Keys, { id, secret }: { id: string; secret: string }) =>
  keys.unseal(secret, purpose(id));

/** Seals secrets that an earlier version kept as they are. */
export async function sealOldSecrets({ db, keys }: Pick<Context, 'db' | 'keys'>): Promise<void> {
  for (const { id, secret } of await queries.allSecrets(db))
    if (secret.startsWith(SECRET_PREFIX)) {
      await queries.setSecret(db, id, sealSecret(keys, id, secret));
    }
}

/** The secret of the service at an address, for the demo's stand-in. */
export async function secretAt(ctx: Context, path: string): Promise<string | null> {
  const service = (await queries.allSecrets(ctx.db)).find(({ url }) => url.endsWith(path));
  return service ? secretOf(ctx.keys, service) : null;
}
