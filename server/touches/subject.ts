import { REACTIONS, TABLES, type PersonTable } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { touchSource } from '../planner';
import { TOUCH_BOOK } from '../delivery';
import { touchBook } from './book';
import { followUps } from './follow-ups';
import { touchRoutes } from './routes';
import { planThanks } from './thanks';

const person = {
  columns: ['person_id'],
  merge: 'move',
  countsAsHistory: true,
} satisfies PersonTable['person'];

/** Touches, the desk and follow-ups. */
export const touches: Subject = {
  name: 'touches',
  provides: [
    TABLES({ table: 'touch', rows: 'owner', person: { ...person, label: ['touch', 'touches'] } }),
    TABLES({
      table: 'follow_up',
      rows: 'owner',
      person: {
        ...person,
        columns: ['person_id', 'thanks_for'],
        label: ['follow-up', 'follow-ups'],
        automatic: `t.thanks_for is not null and not exists (select 1 from item_mark m where m.source = 'follow' and m.of_id = t.id)`,
      },
    }),
    TABLES({ table: 'item_mark', rows: 'owner', person }),
    TABLES({ table: 'last_touch', rows: 'computed' }),
    TABLES({ table: 'person_standing', rows: 'computed' }),
    TABLES({ table: 'desk_pin', rows: 'machine' }),
    ROUTES(touchRoutes),
    touchSource(followUps),
    TOUCH_BOOK(touchBook),
    REACTIONS({ name: 'plan thanks', to: ['people'], run: planThanks }),
  ],
};
