import { spawn } from 'node:child_process';
import { mkdtemp, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

import { backupsDir, backupsIn, makePrivate, one, unpack, type Db } from '../db';
import { openPglite } from '../db/pglite';

/** What came of opening a backup in a place of its own. */
export interface Checked {
  on: string;
  people: number;
  fault: string | null;
}

/**
 * Opens a backup in a scratch directory, as restoring it would: recovery runs, every table and index is
 * looked through (PostgreSQL's amcheck), and people are counted. Nothing of it is left.
 */
export async function openBackup(file: string, scratchIn: string): Promise<Checked> {
  const on = new Date().toISOString();
  const dir = await mkdtemp(join(scratchIn, SCRATCH));
  try {
    await unpack(file, join(dir, 'pg'));
    await makePrivate(dir);
    const db = await openPglite(join(dir, 'pg'), undefined, { amcheck: true });
    try {
      const { n: people } = await one<{ n: number }>(
        db,
        'select count(*)::int as n from person_all',
      );
      const damage = await findDamage(db);
      return { on, people, fault: damage ? 'Its tables are damaged.' : null };
    } finally {
      await db.close();
    }
  } catch {
    return { on, people: 0, fault: 'It does not open.' };
  } finally {
    // What was being written when unpacking failed may still come.
    await rm(dir, { recursive: true, force: true, maxRetries: 10, retryDelay: 50 });
  }
}

/**
 * Looks through every table and index (PostgreSQL's amcheck); what is wrong first, or null.
 *
 * @throws where an index does not fit its table
 */
export async function findDamage(db: Db): Promise<string | null> {
  await db.script('create extension if not exists amcheck');
  const faults = await db.query<{ msg: string }>(
    `select msg from pg_class c, lateral verify_heapam(c.oid) where c.relkind = 'r' and c.relpersistence = 'p'`,
  );
  await db.query(
    `select bt_index_check(c.oid, true) from pg_index i join pg_class c on c.oid = i.indexrelid
     join pg_am a on a.oid = c.relam where a.amname = 'btree' and i.indisvalid and c.relpersistence = 'p'`,
  );
  return faults[0]?.msg ?? null;
}

/** Removes what a check left that was killed. */
export async function removeScratch(dataDir: string): Promise<void> {
  const dir = backupsDir(dataDir);
  const names = await readdir(dir).catch(() => []);
  for (const name of names)
    if (name.startsWith(SCRATCH)) await rm(join(dir, name), { recursive: true, force: true });
}

const SCRATCH = 'scratch-';
const LEDGER = 'checked.json';

type Ledger = Record<string, Checked>;

/** What came of checking each backup that is there. */
export async function checkedIn(dataDir: string): Promise<Ledger> {
  try {
    return JSON.parse(await readFile(join(backupsDir(dataDir), LEDGER), 'utf8')) as Ledger;
  } catch {
    return {};
  }
}

/** Checks a backup and notes what came of it beside it. With a script, in a process of its own. */
export async function checkBackup(
  dataDir: string,
  name: string,
  script: string | null,
): Promise<Checked> {
  const dir = backupsDir(dataDir);
  const file = join(dir, name);
  const checked = script ? await inProcess(script, file, dir) : await openBackup(file, dir);
  const there = new Set((await backupsIn(dataDir)).map((one) => one.name));
  const kept = Object.entries(await checkedIn(dataDir)).filter(([other]) => there.has(other));
  const draft = join(dir, `${LEDGER}.new`);
  await writeFile(draft, JSON.stringify(Object.fromEntries([...kept, [name, checked]])));
  await rename(draft, join(dir, LEDGER));
  return checked;
}

/** In a process of its own, whose memory goes with it. */
function inProcess(script: string, file: string, scratchIn: string): Promise<Checked> {
  return new Promise((done) => {
    const args = [...process.execArgv, script, 'check', file, '--data', scratchIn];
    // By the channel it hears when we end, and ends as well.
    const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'ignore', 'ipc'] });
    let said = '';
    child.stdout?.on('data', (part: Buffer) => (said += part.toString()));
    const failed = () =>
      done({ on: new Date().toISOString(), people: 0, fault: 'It could not be checked.' });
    child.once('error', failed);
    child.once('exit', () => {
      try {
        done(JSON.parse(said) as Checked);
      } catch {
        failed();
      }
    });
  });
}
