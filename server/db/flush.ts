import { open, readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';

/** Milliseconds for which what need not be kept at once may wait. */
const SOON_MS = 1_000;

/**
 * PGlite writes its log but never asks the disk to keep it (`fdatasync` does nothing in it). After
 * each transaction we do: the segments of the write-ahead log that were written to since. After a
 * power cut, PostgreSQL's own recovery replays it.
 */
export function walFlusher(dataDir: string): (how?: { soon?: boolean }) => Promise<void> {
  const wal = join(dataDir, 'pg_wal');
  let flushedAt = 0;
  return async ({ soon = false } = {}) => {
    const now = Date.now();
    if (soon && now - flushedAt < SOON_MS) return;
    const names = (await readdir(wal)).filter((name) => /^[0-9A-F]{24}$/.test(name));
    for (const name of names) {
      const path = join(wal, name);
      // A checkpoint takes away segments that are not needed any more: nothing of them is left to keep.
      const found = await stat(path).catch(gone);
      // A file's time may lag behind the clock a little.
      if (found && found.mtimeMs > flushedAt - SOON_MS) await flushFile(path).catch(gone);
    }
    flushedAt = now;
  };
}

/** Null for a file that is not there any more. */
export function gone(error: NodeJS.ErrnoException): null {
  if (error.code === 'ENOENT') return null;
  throw error;
}

/** Has the disk keep what was written to a file (fdatasync). */
export async function flushFile(path: string): Promise<void> {
  const file = await open(path, 'r+');
  try {
    await file.datasync();
  } finally {
    await file.close();
  }
}

/** Runs one piece of work after the other, whatever becomes of each. */
export function inTurn(): <T>(work: () => Promise<T>) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const mine = last.then(work, work);
    last = mine;
    return mine;
  };
}
