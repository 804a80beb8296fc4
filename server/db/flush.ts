import { open, readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';

/**
 * PGlite writes its log but never asks the disk to keep it (`fdatasync` does nothing in it). After
 * each transaction we do: the newest segment of the write-ahead log, which holds all that was just
 * acknowledged. After a power cut, PostgreSQL's own recovery replays it.
 */
export async function flushWal(dataDir: string): Promise<void> {
  const wal = join(dataDir, 'pg_wal');
  const names = (await readdir(wal)).filter((name) => /^[0-9A-F]{24}$/.test(name));
  const files = await Promise.all(
    names.map(async (name) => ({
      path: join(wal, name),
      at: (await stat(join(wal, name))).mtimeMs,
    })),
  );
  const newest = files.reduce((most, file) => Math.max(most, file.at), 0);
  // A transaction may span two segments: all written within the last seconds are flushed.
  for (const { path } of files.filter(({ at }) => at > newest - 5_000)) await flushFile(path);
}

export async function flushFile(path: string): Promise<void> {
  const file = await open(path, 'r+');
  try {
    await file.datasync();
  } finally {
    await file.close();
  }
}
