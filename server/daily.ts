import { dailyRound } from './cadences';
import type { Context } from './context';

const LOOK_EVERY_MS = 60_000;

/** Runs the daily round now and whenever a new day has begun. */
export async function keepDaily(
  ctx: Context,
  onFault: (fault: unknown) => void,
): Promise<{ stop: () => void }> {
  let day = ctx.clock.today();
  await dailyRound(ctx);
  const timer = setInterval(() => {
    const today = ctx.clock.today();
    if (today === day) return;
    day = today;
    dailyRound(ctx).catch(onFault);
  }, LOOK_EVERY_MS);
  timer.unref();
  return { stop: () => clearInterval(timer) };
}
