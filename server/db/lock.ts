import { readFileSync } from 'node:fs';
import { link, mkdir, readFile, rename, unlink, writeFile } from 'node:fs/promises';
import { hostname } from 'node:os';
import { join } from 'node:path';

import { newId } from './ids';

interface Holder {
  pid: number;
  /** When the process started, in the kernel's ticks: a reused process id is told apart by it. */
  startedTicks: string | null;
  host: string;
  since: string;
}

export class DataDirHeld extends Error {
  constructor(
    readonly dir: string,
    readonly holder: Holder,
  ) {
    super(
      `The data in ${dir} is already open in another Pen Pal (process ${holder.pid} on ${holder.host}, since ${holder.since}). Close that one first, or choose another directory with --data.`,
    );
  }
}

/** Field 22 of /proc/PID/stat; null where the system has no such file or no such process. */
function startedTicks(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? null;
  } catch {
    return null;
  }
}

function isAlive(holder: Holder): boolean {
  if (holder.host !== hostname()) return true; // can't be told from here; refuse rather than corrupt
  try {
    process.kill(holder.pid, 0);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ESRCH') return false;
  }
  return holder.startedTicks === null || holder.startedTicks === startedTicks(holder.pid);
}

async function readHolder(path: string): Promise<Holder | null> {
  try {
    return JSON.parse(await readFile(path, 'utf8')) as Holder;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw error;
  }
}

/**
 * Takes the data directory for this process, because two PGlites on one directory corrupt each
 * other in silence. A lock whose holder has died is taken over. Returns the release.
 * @throws DataDirHeld when a living process holds it
 */
export async function lockDataDir(dir: string): Promise<() => Promise<void>> {
  await mkdir(dir, { recursive: true });
  const path = join(dir, 'penpal.lock');
  const mine: Holder = {
    pid: process.pid,
    startedTicks: startedTicks(process.pid),
    host: hostname(),
    since: new Date().toISOString(),
  };
  const draft = `${path}.${newId()}`;
  await writeFile(draft, JSON.stringify(mine));
  try {
    for (let attempt = 0; attempt < 10; attempt++) {
      try {
        // Linking is atomic and fails when the lock exists; the content is complete from the start.
        await link(draft, path);
        return () => unlink(path).catch(() => {});
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      }
      const holder = await readHolder(path);
      if (holder && isAlive(holder)) throw new DataDirHeld(dir, holder);
      if (holder) await takeAway(path, holder);
    }
    throw new Error(`Could not lock ${dir}: the lock file keeps changing.`);
  } finally {
    await unlink(draft).catch(() => {});
  }
}

/** Removes a dead holder's lock; if another process replaced it meanwhile, puts that one back. */
async function takeAway(path: string, dead: Holder): Promise<void> {
  const aside = `${path}.${newId()}`;
  try {
    await rename(path, aside);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return;
    throw error;
  }
  const moved = await readHolder(aside);
  if (moved && (moved.pid !== dead.pid || moved.since !== dead.since))
    await link(aside, path).catch(() => {});
  await unlink(aside);
}
