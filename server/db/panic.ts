import { statfs } from 'node:fs/promises';

import type { PGlite } from '@electric-sql/pglite';

/** Bytes that writing tables' files and starting anew may take: two segments of the log. */
const ROOM_BYTES = 32 * 1024 * 1024;

/**
 * Makes sure that a step which ends PostgreSQL when it finds no room has some.
 * @throws Error with the code ENOSPC
 */
export async function assertRoom(dir: string): Promise<void> {
  const { bavail, bsize } = await statfs(dir);
  if (bavail * bsize < ROOM_BYTES)
    throw Object.assign(new Error('The disk is full.'), { code: 'ENOSPC' });
}

interface Running {
  pg: PGlite;
  /** What ended it; nothing may be asked of it any more. */
  panic: unknown;
}

/**
 * At a PANIC (its manual, "Message Severity Levels") PostgreSQL ends and recovers from its log when
 * it is started again. PGlite stays up, and its next statement never ends. So what comes next to such
 * a one is refused with the fault that ended it, and whoever asks for `live` after that gets one that
 * was started again.
 */
export function restartable(
  first: PGlite,
  again: () => Promise<PGlite>,
): { live(): Promise<PGlite>; close(): Promise<void> } {
  let running = watched(first);
  let restarting: Promise<void> | null = null;
  const restart = async () => {
    running = watched(await again());
  };
  return {
    live: async () => {
      if (running.panic) await (restarting ??= restart().finally(() => (restarting = null)));
      return running.pg;
    },
    // What ended so has nothing left to write.
    close: async () => {
      if (!running.panic) await running.pg.close();
    },
  };
}

/** Has everything that is asked of PGlite refused after a PANIC. */
function watched(pg: PGlite): Running {
  const running: Running = { pg, panic: null };
  const guard =
    <A extends unknown[], R>(ask: (...args: A) => Promise<R>) =>
    async (...args: A): Promise<R> => {
      if (running.panic) throw running.panic;
      try {
        return await ask(...args);
      } catch (error) {
        if ((error as { severity?: string }).severity === 'PANIC') running.panic = error;
        throw error;
      }
    };
  pg.execProtocol = guard(pg.execProtocol.bind(pg));
  pg.execProtocolStream = guard(pg.execProtocolStream.bind(pg));
  return running;
}
