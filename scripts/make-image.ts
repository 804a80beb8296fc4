import { writeFile } from 'node:fs/promises';

import { migrate, readMigrations } from '@/server/db';
import { openPglite } from '@/server/db/pglite';

/** Writes a migrated, empty database to the file named on the command line. */
async function main(): Promise<void> {
  const db = await openPglite(null);
  await migrate(db, await readMigrations('server/db/migrations'));
  await writeFile(process.argv[2]!, await db.dump());
  await db.close();
}

void main();
