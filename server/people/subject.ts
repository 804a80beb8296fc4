import { TABLES, type MergeRows } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { STARTUP } from '../lifecycle';
import { handles, RECURRING } from '../tasks';
import { eraseAgain, eraseExpired, eraseHandler, scrubHandler } from './erase/erase';
import { refreshKeys } from './many/rewrite-many';
import { peopleRoutes } from './routes';

/** Ties between the two fall away, and those that both have are kept once. */
const mergeTies: MergeRows = async (tx, keepId, goneId) => {
  const both = [keepId, goneId];
  await tx.query(
    `delete from tie t where (t.person_id = any($1::uuid[]) and t.other_id = any($1::uuid[]))`,
    [both],
  );
  for (const [mine, other] of [
    ['person_id', 'other_id'],
    ['other_id', 'person_id'],
  ]) {
    await tx.query(
      `delete from tie t where t.${mine} = $2::uuid and t.${other} is not null and exists (select 1 from tie k
         where k.${mine} = $1::uuid and k.${other} = t.${other} and k.kind = t.kind)`,
      both,
    );
    await tx.query(`update tie set ${mine} = $1::uuid where ${mine} = $2::uuid`, both);
  }
};

/** The one who stays keeps their own photo. */
const mergePhotos: MergeRows = async (tx, keepId, goneId) => {
  await tx.query(
    `update photo set person_id = $1::uuid where person_id = $2::uuid
       and not exists (select 1 from photo where person_id = $1::uuid)`,
    [keepId, goneId],
  );
};

/** That the two are not the same is no longer so; what is said of one of them and others holds for both. */
const mergeApart: MergeRows = async (tx, keepId, goneId) => {
  const both = [keepId, goneId];
  // A pair stands there once, the lower id first.
  const pair = `(select least($1::uuid, o.id) as a, greatest($1::uuid, o.id) as b
    from (select case when t.a = $2::uuid then t.b else t.a end as id) o)`;
  await tx.query(
    `delete from not_same t where (t.a = $2::uuid or t.b = $2::uuid)
       and ((t.a = $1::uuid or t.b = $1::uuid)
         or exists (select 1 from ${pair} p join not_same k on k.a = p.a and k.b = p.b))`,
    both,
  );
  await tx.query(
    `update not_same t set (a, b) = (select p.a, p.b from ${pair} p) where t.a = $2::uuid or t.b = $2::uuid`,
    both,
  );
};

const columns = ['person_id'];

/** People, their records, homes, ties, notes and work. */
export const people: Subject = {
  name: 'people',
  provides: [
    TABLES({ table: 'person_all', rows: 'owner' }),
    TABLES({ table: 'household', rows: 'owner' }),
    TABLES({ table: 'circle', rows: 'owner' }),
    TABLES({ table: 'tag', rows: 'owner' }),
    TABLES({
      table: 'note',
      rows: 'owner',
      person: { columns, merge: 'move', label: ['note', 'notes'], countsAsHistory: true },
    }),
    TABLES({
      table: 'job',
      rows: 'owner',
      person: {
        columns,
        merge: 'move',
        label: ['piece of work', 'pieces of work'],
        countsAsHistory: true,
      },
    }),
    TABLES({
      table: 'photo',
      rows: 'owner',
      person: { columns, merge: mergePhotos, label: ['photo', 'photos'] },
    }),
    TABLES({
      table: 'person_tag',
      rows: 'owner',
      person: { columns, merge: { unless: ['tag_id'] }, label: ['tag', 'tags'] },
    }),
    TABLES({
      table: 'tie',
      rows: 'owner',
      person: {
        columns: ['person_id', 'other_id'],
        merge: mergeTies,
        label: ['tie', 'ties'],
        countsAsHistory: true,
      },
    }),
    TABLES({
      table: 'not_same',
      rows: 'owner',
      person: { columns: ['a', 'b'], merge: mergeApart },
    }),
    TABLES({
      table: 'dismissed',
      rows: 'owner',
      person: { columns, merge: { unless: ['what'] } },
    }),
    ROUTES(peopleRoutes),
    STARTUP({
      name: 'make match keys anew',
      run: async (ctx) => {
        await refreshKeys(ctx.db);
        return null;
      },
    }),
    STARTUP({
      name: 'erase again who was erased',
      async run(ctx) {
        const count = await eraseAgain(ctx);
        return count > 0 ? `${count} who were erased before were in the data again` : null;
      },
    }),
    handles(eraseHandler),
    handles(scrubHandler),
    RECURRING(eraseExpired),
  ],
};
