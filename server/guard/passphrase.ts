import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';

import { newId } from '../db';

interface Kept {
  /** Another one with each passphrase: sessions of an earlier one are none any more. */
  id: string;
  salt: string;
  hash: string;
  cost: { N: number; r: number; p: number };
}

/** Memory-hard: 128 MB and some half a second a try (OWASP Password Storage Cheat Sheet, scrypt). */
const COST = { N: 2 ** 17, r: 8, p: 1 };
const HASH_BYTES = 32;

const derive = promisify<string, Buffer, number, ScryptOptions, Buffer>(scrypt);

/** One at a time, so that many tries at once take no more memory than one. */
let turn: Promise<unknown> = Promise.resolve();
const hashOf = (text: string, salt: Buffer, cost: Kept['cost']): Promise<Buffer> => {
  const maxmem = 2 * 128 * cost.N * cost.r;
  // The same letters may be written in several ways (Unicode normalization form KC, RFC 8265).
  const work = () => derive(text.normalize('NFKC'), salt, HASH_BYTES, { ...cost, maxmem });
  const mine = turn.then(work, work);
  turn = mine.catch(() => {});
  return mine;
};

/** The owner's passphrase, as a hash in a file of the data directory. */
export class PassphraseFile {
  private readonly path: string;

  constructor(dataDir: string) {
    this.path = join(dataDir, 'passphrase');
  }

  /** The id of the passphrase; null where none was set. */
  async id(): Promise<string | null> {
    return (await this.read())?.id ?? null;
  }

  private async read(): Promise<Kept | null> {
    try {
      return JSON.parse(await readFile(this.path, 'utf8')) as Kept;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
      throw error;
    }
  }

  async set(text: string): Promise<void> {
    const salt = randomBytes(16);
    const hash = await hashOf(text, salt, COST);
    const kept: Kept = {
      id: newId(),
      salt: salt.toString('base64'),
      hash: hash.toString('base64'),
      cost: COST,
    };
    const draft = `${this.path}.${kept.id}`;
    await writeFile(draft, JSON.stringify(kept), { mode: 0o600 });
    await rename(draft, this.path);
  }

  async matches(text: string): Promise<boolean> {
    const kept = await this.read();
    if (!kept) return false;
    const hash = await hashOf(text, Buffer.from(kept.salt, 'base64'), kept.cost);
    return timingSafeEqual(hash, Buffer.from(kept.hash, 'base64'));
  }
}
