import type { Router } from 'express';

import * as api from '@/contract/settings';

import type { Context } from '../context';
import { register } from '../api';
import { runDue } from '../tasks';
import * as actions from './actions';
import { clockWords } from './clock-watch';
import { readCircles } from './queries';

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
    const moved = await actions.moveClock(ctx, body.days);
    // What a new day does by itself is done before it is shown.
    await runDue(ctx, { again: true });
    return moved;
  });
}
