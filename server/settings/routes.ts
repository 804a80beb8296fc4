import type { Router } from 'express';

import * as api from '@/contract/settings';
import { instantOf } from '@/core/zones';

import type { Context } from '../context';
import { register } from '../api';
import { runDue } from '../tasks';
import * as actions from './actions';
import { clockWords } from './clock-watch';
import { readCircles } from './queries';

// What goes by itself has gone by then, and nobody's night has begun.
const EVENING = '17:00';

/**
 * Does what a new day does by itself. Before the next one the rest of the day passes, and what goes in it goes;
 * of a longer time only the last morning is lived.
 */
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
  register(router, api.moveClock, ({ body }) => nextMorning(ctx, body.days));
}
