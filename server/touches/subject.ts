import { REACTIONS, TABLES, type MergeRows, type PersonTable } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { touchSource } from '../planner';
import { TOUCH_BOOK } from '../delivery';
import { touchBook } from './book';
import { followUps } from './follow-ups';
import { touchRoutes } from './routes';
import { planThanks } from './thanks';

/** Of two who are one, somebody who sent both is thanked once. */
const mergeFollowUps: MergeRows = async (tx, keepId, goneId) => {
  const both = [keepId, goneId];
  await tx.query(
    `delete from follow_up t using follow_up k where t.thanks_for = $2::uuid and k.thanks_for = $1::uuid
       and k.person_id = t.person_id and ${UNTOUCHED}`,
    both,
  );
  await tx.query(
    `update follow_up set thanks_for = $1::uuid where thanks_for = $2::uuid
       and not exists (select 1 from follow_up where thanks_for = $1::uuid)`,
    both,
  );
  await tx.query('update follow_up set person_id = $1::uuid where person_id = $2::uuid', both);
};

/** Follow-ups (`t`) that nothing was done with yet. */
const UNTOUCHED = `not exists (select 1 from item_mark m where m.source = 'follow' and m.of_id = t.id)`;

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
        merge: mergeFollowUps,
        automatic: `t.thanks_for is not null and ${UNTOUCHED}`,
      },
    }),
    TABLES({ table: 'item_mark', rows: 'owner', person: { ...person, merge: { key: 'id' } } }),
    TABLES({ table: 'last_touch', rows: 'computed' }),
    TABLES({ table: 'person_standing', rows: 'computed' }),
    TABLES({ table: 'desk_pin', rows: 'machine' }),
    ROUTES(touchRoutes),
    touchSource(followUps),
    TOUCH_BOOK(touchBook),
    REACTIONS({ name: 'plan thanks', to: ['people'], run: planThanks }),
  ],
};
