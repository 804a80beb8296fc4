import { existsSync } from 'node:fs';
import { rename, rm, stat } from 'node:fs/promises';
import { join, resolve } from 'node:path';

import { StartFault } from './config';
import { lockDataDir, makePrivate, unpack } from './db';
import { openBackup } from './upkeep';

/**
 * Puts a backup in the place of the data. It is opened and looked through first; the data that was
 * there is kept beside it. Who was erased since the backup was made is erased again at the next start.
 */
export async function restore(file: string, dataDir: string): Promise<void> {
  const path = resolve(file);
  if (!(await stat(path).catch(() => null))?.isFile())
    throw new StartFault(`There is no backup at ${path}. They are in ${join(dataDir, 'backups')}.`);
  const release = await lockDataDir(dataDir);
  try {
    await makePrivate(dataDir);
    console.log('Opening the backup in a place of its own …');
    const { fault, people } = await openBackup(path, dataDir);
    if (fault) throw new StartFault(`${fault} Nothing was changed. Try an older backup.`);
    const [pg, next] = [join(dataDir, 'pg'), join(dataDir, 'pg.restored')];
    await rm(next, { recursive: true, force: true });
    await unpack(path, next);
    await makePrivate(next);
    if (existsSync(pg)) {
      const aside = `${pg}-until-${new Date().toISOString().replace(/[:.]/g, '-')}`;
      await rename(pg, aside);
      console.log(`The data that was there is kept in ${aside}`);
    }
    await rename(next, pg);
    console.log(`Restored: ${people} people. Start Pen Pal as always.`);
  } finally {
    await release();
  }
}
