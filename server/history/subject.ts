import { addDays } from '@/core/time';

import { forgetOld, KEPT_DAYS, REACT_AGAIN, REACTIONS, TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { forgetSteps, HANDLERS, RECURRING, recurringHandler } from '../tasks';
import { watchClock } from '../settings';
import { historyRoutes } from './routes';

/** What was done and can be undone, and what is done by itself. */
export const history: Subject = {
  name: 'history',
  gives: [
    TABLES({ table: 'action', rows: 'machine' }),
    TABLES({ table: 'change', rows: 'machine' }),
    TABLES({
      table: 'task',
      rows: 'machine',
      // What is still to be handed over about somebody.
      person: { columns: ['person_id'], merge: 'move' },
    }),
    TABLES({ table: 'memo', rows: 'machine' }),
    TABLES({ table: 'migration', rows: 'machine' }),
    ROUTES(historyRoutes),
    HANDLERS(recurringHandler),
    HANDLERS({
      kind: REACT_AGAIN,
      async run(ctx, { payload }) {
        const reaction = ctx.house.of(REACTIONS).find(({ name }) => name === payload.name);
        if (!reaction) return { state: 'failed', words: `Nothing reacts as “${payload.name}”.` };
        await reaction.run(ctx, 'everybody');
        return { state: 'done', words: 'Done after all.' };
      },
    }),
    RECURRING(forgetSteps),
    RECURRING({
      name: 'forget-old-actions',
      async run(ctx) {
        if (!(await watchClock(ctx)))
          return 'The clock of this machine may be wrong: nothing is forgotten for now.';
        let forgotten = 0;
        for (let n = -1; n !== 0; forgotten += n)
          n = await forgetOld(ctx.db, addDays(ctx.clock.today(), -KEPT_DAYS));
        return `${forgotten} forgotten`;
      },
    }),
  ],
};
