import { readFileSync, renameSync, statSync, unlinkSync } from 'node:fs';
import { link, mkdir, unlink, utimes, writeFile } from 'node:fs/promises';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';

import { newId } from './ids';

interface Holder {
  id: string;
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
      `The data in ${dir} is already open in another Pen Pal (process ${holder.pid} on ${holder.host}, since ${holder.since}). Close that one first, or choose another directory with --data. If nothing runs there any more, try again in half a minute.`,
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

/** A holder says so often that it is alive; one elsewhere that was silent for so long is not. */
const BEAT_MS = 5_000;
const SILENT_MS = 30_000;

/** Of a machine of another name nothing can be told but whether it still says that it is alive. */
const isSilent = (path: string): boolean => {
  try {
    return Date.now() - statSync(path).mtimeMs > SILENT_MS;
  } catch {
    return true;
  }
};

function isAlive(holder: Holder, path: string): boolean {
  if (holder.host === '') return false; // not one of ours, or cut off by a power cut
  if (holder.host !== hostname()) return !isSilent(path);
  try {
    process.kill(holder.pid, 0);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ESRCH') return false;
  }
  return holder.startedTicks === null || holder.startedTicks === startedTicks(holder.pid);
}

/** Who a lock says that holds it. What can't be read was left by a power cut: ours come whole by a link. */
function readHolder(path: string): Holder | null {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw error;
  }
  try {
    const holder = JSON.parse(text) as Holder;
    if (typeof holder.pid === 'number' && typeof holder.host === 'string') return holder;
  } catch {
    // Told apart below from one that can be read.
  }
  return { id: `unreadable ${text}`, pid: 0, startedTicks: null, host: '', since: '' };
}

/** Says again and again that this process is alive. */
function keepSaying(path: string): () => void {
  const timer = setInterval(() => {
    const now = new Date();
    utimes(path, now, now).catch(() => {});
  }, BEAT_MS);
  timer.unref();
  return () => clearInterval(timer);
}

/** Longer than any take-over needs between reading a dead lock and moving it aside. */
const SETTLE_MS = 200;
const MAX_TRIES = 50;

/**
 * Takes the data directory for this process, because two PGlites on one directory corrupt each
 * other in silence. A lock whose holder has died is taken over. Returns the release.
 * @throws DataDirHeld when a living process holds it
 */
export async function lockDataDir(dir: string): Promise<() => Promise<void>> {
  await mkdir(dir, { recursive: true });
  const path = join(dir, 'penpal.lock');
  const mine: Holder = {
    id: newId(),
    pid: process.pid,
    startedTicks: startedTicks(process.pid),
    host: hostname(),
    since: new Date().toISOString(),
  };
  const draft = `${path}.${mine.id}`;
  await writeFile(draft, JSON.stringify(mine));
  try {
    for (let attempt = 0; attempt < MAX_TRIES; attempt++) {
      if (await tryLink(draft, path)) {
        // Somebody who has just read the dead lock before ours may still move ours aside instead.
        await setTimeout(SETTLE_MS);
        if (readHolder(path)?.id === mine.id) {
          const silence = keepSaying(path);
          return async () => {
            silence();
            await unlink(path).catch(() => {});
          };
        }
      }
      const holder = readHolder(path);
      if (holder && isAlive(holder, path)) throw new DataDirHeld(dir, holder);
      if (holder) takeAway(path, holder);
    }
    throw new Error(`Could not lock ${dir}: the lock file keeps changing.`);
  } finally {
    await unlink(draft).catch(() => {});
  }
}

/** Linking is atomic and fails when the lock exists; the content is complete from the start. */
async function tryLink(draft: string, path: string): Promise<boolean> {
  try {
    await link(draft, path);
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'EEXIST') return false;
    throw error;
  }
}

/** Removes a dead holder's lock, at once and only if it is still that one. */
function takeAway(path: string, dead: Holder): void {
  if (readHolder(path)?.id !== dead.id) return;
  const aside = `${path}.${newId()}`;
  try {
    renameSync(path, aside);
    unlinkSync(aside);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
  }
}
