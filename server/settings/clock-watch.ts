import { clockDoubt, HELD_AFTER_DOUBT_MS, instantWords } from '@/core/time';

import type { Context } from '../context';
import { readMemo, writeMemo } from './queries';

/** What is remembered of the machine's own clock; a demo's day that is moved on is none of its. */
interface Watched {
  seenMs: number;
  /** Until then nothing is erased or forgotten because of its age. */
  heldUntilMs: number;
  doubt: { kind: 'back' | 'ahead'; fromMs: number; toMs: number } | null;
}

const WATCHED = 'clock-watched';

/** Looks at the clock and remembers what it says; answers whether what is old may go. */
export async function watchClock({ db, clock }: Pick<Context, 'db' | 'clock'>): Promise<boolean> {
  const nowMs = clock.realMs();
  const before = await readMemo<Watched>(db, WATCHED);
  const kind = clockDoubt(before?.seenMs ?? null, nowMs);
  const settled = !before || (before.heldUntilMs <= nowMs && kind === null);
  const after: Watched =
    kind && before
      ? {
          seenMs: nowMs,
          heldUntilMs: nowMs + HELD_AFTER_DOUBT_MS,
          doubt: { kind, fromMs: before.seenMs, toMs: nowMs },
        }
      : {
          seenMs: nowMs,
          heldUntilMs: before?.heldUntilMs ?? 0,
          doubt: settled ? null : before.doubt,
        };
  await writeMemo(db, WATCHED, after);
  return after.heldUntilMs <= nowMs;
}

/** What looks wrong with the clock, in a sentence; null for nothing. */
export async function clockWords({
  db,
  clock: { zone },
}: Pick<Context, 'db' | 'clock'>): Promise<string | null> {
  const watched = await readMemo<Watched>(db, WATCHED);
  if (!watched?.doubt) return null;
  const { kind, fromMs, toMs } = watched.doubt;
  const at = (ms: number) => instantWords(new Date(ms).toISOString(), zone);
  const said =
    kind === 'back'
      ? `The clock of this machine went back: it said ${at(fromMs)} before, and then ${at(toMs)}.`
      : `The clock of this machine said ${at(fromMs)} when Pen Pal last looked, and ${at(toMs)} the next time.`;
  return `${said} If that is right, all is well; if not, set it. Nothing is erased for its age before ${at(watched.heldUntilMs)}.`;
}
