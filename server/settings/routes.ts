import type { Router } from 'express';

import * as api from '@/contract/settings';
import { instantOf } from '@/core/zones';

import type { Context } from '../context';
import { register } from '../api';
import { runDue } from '../tasks';
import * as actions from './actions';
import { clockWords } from './clock-watch';
import { readCircles } from './queries';

/** So many days are lived through one by one when the demo's day is moved. */
const MOST_LIVED = 14;
// What goes by itself has gone by then, and nobody's night has begun.
const EVENING = '17:00';

/** Lets the rest of the day pass, and what goes in it go; then does what the new day does by itself. */
async function nextMorning(ctx: Context, days: number) {
  const { clock } = ctx;
  const rest = Math.max(0, instantOf(clock.today(), EVENING, clock.zone) - clock.nowMs());
  if (days === 1) {
    clock.shiftMs += rest;
    await runDue(ctx).finally(() => (clock.shiftMs -= rest));
  }
  const moved = await actions.moveClock(ctx, days);
  await runDue(ctx, { again: true });
  return moved;
}

export function settingsRoutes(router: Router, ctx: Context): void {
  register(router, api.health, async () => {
    await ctx.db.query('select 1');
    return {
      version: ctx.version,
      database: { kind: ctx.db.kind, schema: ctx.schema },
      clock: {
        today: ctx.clock.today(),
        now: ctx.clock.now(),
        timeZone: ctx.clock.zone,
        demo: ctx.demo,
      },
    };
  });
  register(router, api.getSettings, async () => ({
    ...(await actions.readDays(ctx)),
    circles: (await readCircles(ctx.db)).map(({ promise_days, ...circle }) => ({
      ...circle,
      promiseDays: promise_days,
    })),
    demo: ctx.demo,
    clock: await clockWords(ctx),
    today: ctx.clock.today(),
  }));
  register(router, api.saveSettings, ({ body }) => actions.save(ctx, body));
  register(router, api.moveClock, async ({ body }) => {
    // A few days are lived through one by one; of a long time only the last morning.
    const steps = body.days <= MOST_LIVED ? body.days : 1;
    for (let n = 1; n < steps; n++) await nextMorning(ctx, 1);
    return nextMorning(ctx, body.days - steps + 1);
  });
}
