import { addDays } from '@/core/time';

import {
  forgetOld,
  KEPT_DAYS,
  REACT_AGAIN,
  REACTIONS,
  rollBackUnfinished,
  tableFaults,
  TABLES,
} from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { DECLARATION_FAULTS, STARTUP } from '../lifecycle';
import { deleteOldSteps, handles, RECURRING, recurringHandler } from '../tasks';
import { watchClock } from '../settings';
import { historyRoutes } from './routes';

/** Days for which a repeated request gets the response of the first one. */
const REQUEST_DAYS = 30;

/** What was done and can be undone, and what is done by itself. */
export const history: Subject = {
  name: 'history',
  provides: [
    TABLES({ table: 'action', rows: 'machine' }),
    TABLES({ table: 'change', rows: 'machine' }),
    TABLES({ table: 'request', rows: 'machine' }),
    TABLES({
      table: 'task',
      rows: 'machine',
      // What is still to be handed over about somebody.
      person: { columns: ['person_id'], merge: 'move' },
    }),
    TABLES({ table: 'instance', rows: 'machine' }),
    TABLES({ table: 'memo', rows: 'machine' }),
    TABLES({ table: 'migration', rows: 'machine' }),
    ROUTES(historyRoutes),
    handles(recurringHandler),
    handles({
      kind: REACT_AGAIN,
      payload: (stored) => (stored as { name: string }).name,
      async run(ctx, { payload: name }) {
        const reaction = ctx.house.of(REACTIONS).find((one) => one.name === name);
        if (!reaction) return { state: 'failed', outcome: `Nothing reacts as “${name}”.` };
        await reaction.run(ctx, 'everybody');
        return { state: 'done', outcome: 'Done after all.' };
      },
    }),
    DECLARATION_FAULTS((ctx) => tableFaults(ctx.db, ctx.house.of(TABLES))),
    STARTUP({
      name: 'take back what never became whole',
      async run(ctx) {
        const count = await rollBackUnfinished(ctx);
        return count > 0 ? `${count} unfinished actions were taken back` : null;
      },
    }),
    RECURRING(deleteOldSteps),
    RECURRING({
      name: 'forget-old-actions',
      async run(ctx) {
        if (!(await watchClock(ctx)))
          return 'The clock of this machine may be wrong: nothing is forgotten for now.';
        let forgotten = 0;
        for (let n = -1; n !== 0; forgotten += n)
          n = await forgetOld(ctx.db, addDays(ctx.clock.today(), -KEPT_DAYS));
        await ctx.db.query('delete from request where at < $1::date', [
          addDays(ctx.clock.today(), -REQUEST_DAYS),
        ]);
        return `${forgotten} forgotten`;
      },
    }),
  ],
};
