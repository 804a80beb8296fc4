import { toDayNumber } from '@/core/time';

import { REACTIONS, TABLES } from '../act';
import { ROUTES } from '../api';
import { ERRANDS } from '../errands';
import type { Subject } from '../house';
import { STORY_PARTS } from '../people';
import { touchSource } from '../planner';
import { RECURRING, recurAgain } from '../tasks';
import { beats } from './beats';
import { dailyRound } from './daily';
import { begin } from './ending';
import { settleFeeds } from './feed';
import { mergeEnrolments } from './merge';
import { settleRotas } from './rota';
import { enrolmentRoutes } from './routes';
import { enrolmentStory } from './story';
import { settleWork } from './work';

/** Who is on which cadence, and the touches that follow from it. */
export const enrolments: Subject = {
  name: 'enrolments',
  provides: [
    TABLES({
      table: 'enrolment',
      rows: 'owner',
      person: {
        columns: ['person_id'],
        merge: mergeEnrolments,
        label: ['cadence', 'cadences'],
        countsAsHistory: true,
        automatic: `t.origin <> 'hand' and not exists (select 1 from item_mark m where m.enrolment_id = t.id)`,
      },
    }),
    TABLES({ table: 'rota', rows: 'owner' }),
    TABLES({ table: 'work_cadence', rows: 'owner' }),
    ROUTES(enrolmentRoutes),
    touchSource(beats),
    STORY_PARTS(enrolmentStory),
    RECURRING(dailyRound),
    ERRANDS({
      to: 'cadence',
      async run(ctx, tx, { personId, errand }) {
        if (errand.to !== 'cadence') return;
        await begin(tx, personId, errand.cadenceId, toDayNumber(ctx.clock.today()));
      },
    }),
    REACTIONS({ name: 'settle rotas', to: ['people', 'enrolments'], run: settleRotas }),
    // What goes by itself on the first day is not kept waiting for the next round.
    REACTIONS({
      name: 'round after enrolling',
      to: ['enrolments'],
      run: async (ctx) => void (await recurAgain(ctx, dailyRound.name)),
    }),
    REACTIONS({ name: 'begin after work', to: ['people', 'enrolments'], run: settleWork }),
    REACTIONS({
      name: 'settle feeds',
      to: ['people', 'enrolments', 'views', 'cadences'],
      run: (ctx) => settleFeeds(ctx),
    }),
  ],
};
