import {
  createCipheriv,
  createDecipheriv,
  createHmac,
  randomBytes,
  timingSafeEqual,
} from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const KEY_BYTES = 32;
const IV_BYTES = 12;
const TAG_BYTES = 16;

/** Keeps what must not be read from the database alone, with a key in a file beside it. */
export interface Keys {
  /** Encrypts (AES-256-GCM) a text for one purpose. */
  seal(text: string, purpose: string): string;
  /** What was sealed for this purpose; null when this key did not seal it, or it was altered. */
  unseal(sealed: string, purpose: string): string | null;
  /** A text that only this key can have made. */
  sign(text: string): string;
  isSigned(text: string, signature: string): boolean;
}

/** What is signed and sealed with the key of a data directory. */
export function keysOf(key: Buffer): Keys {
  const sign = (text: string) =>
    createHmac('sha256', key).update(`sign:${text}`).digest('base64url');
  return {
    seal(text, purpose) {
      const iv = randomBytes(IV_BYTES);
      const cipher = createCipheriv('aes-256-gcm', key, iv).setAAD(Buffer.from(purpose));
      const body = Buffer.concat([cipher.update(text, 'utf8'), cipher.final()]);
      return Buffer.concat([iv, cipher.getAuthTag(), body]).toString('base64');
    },
    unseal(sealed, purpose) {
      const all = Buffer.from(sealed, 'base64');
      if (all.length < IV_BYTES + TAG_BYTES) return null;
      const body = all.subarray(IV_BYTES + TAG_BYTES);
      const decipher = createDecipheriv('aes-256-gcm', key, all.subarray(0, IV_BYTES))
        .setAAD(Buffer.from(purpose))
        .setAuthTag(all.subarray(IV_BYTES, IV_BYTES + TAG_BYTES));
      try {
        return Buffer.concat([decipher.update(body), decipher.final()]).toString('utf8');
      } catch {
        return null;
      }
    },
    sign,
    isSigned(text, signature) {
      const [wanted, given] = [Buffer.from(sign(text)), Buffer.from(signature)];
      return wanted.length === given.length && timingSafeEqual(wanted, given);
    },
  };
}

/** The key of a data directory, made when it is first wanted. */
export function readKeys(dataDir: string): Keys {
  const path = join(dataDir, 'key');
  // With a PostgreSQL server there is no other reason for the directory.
  mkdirSync(dataDir, { recursive: true, mode: 0o700 });
  if (!existsSync(path)) makeKey(path);
  const key = Buffer.from(readFileSync(path, 'utf8'), 'base64');
  if (key.length !== KEY_BYTES)
    throw new Error(
      `Pen Pal can’t read its key in ${path}. Put back the file from a copy, or move it away: secrets of services are then asked for again.`,
    );
  return keysOf(key);
}

/**
 * Written aside and put in its place whole: a start that is killed leaves a key, or none. Only one has the
 * data open, so nobody else makes one at the same time.
 */
function makeKey(path: string): void {
  const draft = `${path}.new`;
  writeFileSync(draft, randomBytes(KEY_BYTES).toString('base64'), { mode: 0o600 });
  renameSync(draft, path);
}
