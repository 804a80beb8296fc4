import { dailyRound } from './cadences';
import type { Context } from './context';
import { sendDue } from './services';

const LOOK_EVERY_MS = 60_000;
/** Looks after which what was written meanwhile may bring something to do by itself. */
const ROUND_EVERY = 15;

/**
 * Runs the daily round now, whenever a new day has begun, and every quarter of an hour if anything
 * was written; sends what is due every minute.
 */
export async function keepDaily(
  ctx: Context,
  onFault: (fault: unknown) => void,
): Promise<{ stop: () => void }> {
  const round = async () => {
    day = ctx.clock.today();
    await dailyRound(ctx);
    seen = ctx.revision;
  };
  let [day, seen, looks] = [ctx.clock.today(), ctx.revision, 0];
  let busy = false;
  const look = async () => {
    looks += 1;
    const written = ctx.revision !== seen && looks % ROUND_EVERY === 0;
    if (ctx.clock.today() !== day || written) await round();
    await sendDue(ctx);
  };
  await round();
  const timer = setInterval(() => {
    if (busy) return;
    busy = true;
    look()
      .catch(onFault)
      .finally(() => (busy = false));
  }, LOOK_EVERY_MS);
  timer.unref();
  return { stop: () => clearInterval(timer) };
}
