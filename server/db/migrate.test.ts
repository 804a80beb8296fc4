import { fold } from '@/core/people';

import { changedSince, revert, runsOf } from '../act/changes';
import type { Db } from './db';
import { newId } from './ids';
import { migrate, readMigrations, schemaVersion } from './migrate';
import { openPglite } from './pglite';

let db: Db;
beforeEach(async () => {
  db = await openPglite(null, process.env.PENPAL_TEST_IMAGE);
});
afterEach(() => db.close());

const next = (text: string, number = 900) => ({ number, name: `${number}-next.sql`, text });

test('a migration that is missing is applied once, after a backup', async () => {
  const shipped = await readMigrations('server/db/migrations');
  const backup = jest.fn(async () => {});
  const all = [...shipped, next('create table extra (n int)')];
  expect(await migrate(db, all, backup)).toBe(900);
  expect(await migrate(db, all, backup)).toBe(900);
  expect(backup).toHaveBeenCalledTimes(1);
  expect(await db.query('select * from extra')).toEqual([]);
});

test('one that fails leaves the database as it was', async () => {
  const shipped = await readMigrations('server/db/migrations');
  const before = await schemaVersion(db);
  await expect(
    migrate(db, [...shipped, next('create table extra (n int); select 1/0')]),
  ).rejects.toThrow('division by zero');
  expect(await schemaVersion(db)).toBe(before);
  expect(await db.query(`select to_regclass('extra') as found`)).toEqual([{ found: null }]);
});

test('data that a newer program has changed is refused with a sentence', async () => {
  const shipped = await readMigrations('server/db/migrations');
  await migrate(db, [...shipped, next('select 1')]);
  await expect(migrate(db, shipped)).rejects.toThrow(
    `This data was last opened by a newer Pen Pal (schema 900; this one knows ${shipped.at(-1)!.number}).`,
  );
});

test('data of the program before keeps its history, which can still be undone, and its calls to services', async () => {
  const shipped = await readMigrations('server/db/migrations');
  const old = await openPglite(null);
  await migrate(old, shipped.slice(0, 4));
  const [person, action] = [newId(), newId()];
  const under = `select set_config('penpal.action', '${action}', true)`;
  await old.query(`insert into action (id, at, sentence) values ($1, now(), 'Renamed Ana')`, [
    action,
  ]);
  await old.query(`insert into person (id, name, added_on) values ($1, 'Ana', '2026-11-23')`, [
    person,
  ]);
  await old.transaction(async (tx) => {
    await tx.query(under);
    await tx.query(`update person set name = 'Anna', version = version + 1 where id = $1`, [
      person,
    ]);
    await tx.query(
      `insert into note (id, person_id, on_day, body, search_text) values ($1, $2, '2026-11-23', 'x', 'x')`,
      [newId(), person],
    );
    await tx.query(
      `insert into touch (id, person_id, on_day, logged_at, kind, outcome, hold, note)
       values ($1, $2, '2026-11-20', now(), 'call', 'reached', 1, 'Café Åse, new boat #sailing')`,
      [newId(), person],
    );
  });
  await old.query(
    `insert into service (id, name, url, secret) values ($1, 'Printer', 'http://127.0.0.1:1/', 's')`,
    [action],
  );
  await old.query(
    `insert into service_call (id, service_id, person_id, payload, state, created_at, next_at)
     values ('beat:x', $1, $2, '{"a": 1}', 'ready', now(), now())`,
    [action, person],
  );
  await migrate(old, shipped);
  expect(await old.query('select key, kind, person_id, payload from task')).toEqual([
    {
      key: 'call:beat:x',
      kind: 'call',
      person_id: person,
      payload: { serviceId: action, itemKey: 'beat:x', body: { a: 1 } },
    },
  ]);
  expect(await old.query('select name from person')).toEqual([{ name: 'Anna' }]);
  expect(
    await old.query('select on_day, body, tags, search_text from note order by on_day'),
  ).toMatchObject([
    {
      on_day: '2026-11-20',
      body: 'Café Åse, new boat #sailing',
      tags: ['sailing'],
      search_text: fold('Café Åse, new boat #sailing'),
    },
    { on_day: '2026-11-23', body: 'x' },
  ]);
  for (const run of await runsOf(old, action)) {
    if (run.op === 'update') expect(await changedSince(old, action, run)).toEqual([]);
    await revert(old, action, run);
  }
  expect(await old.query('select name, version from person')).toEqual([
    { name: 'Ana', version: 1 },
  ]);
  expect(await old.query('select 1 from note union all select 1 from touch')).toEqual([]);
  await old.close();
});

test('standings that an earlier program kept learn of the last touch', async () => {
  const shipped = await readMigrations('server/db/migrations');
  const old = await openPglite(null);
  await migrate(old, shipped.slice(0, 5));
  const [person, silent] = [newId(), newId()];
  for (const id of [person, silent])
    await old.query(`insert into person (id, name, added_on) values ($1, 'Ana', '2026-11-01')`, [
      id,
    ]);
  await old.query(
    `insert into touch (id, person_id, on_day, logged_at, kind, outcome, hold, note)
     values ($1, $2, '2026-11-10', now(), 'call', 'reached', 1, '')`,
    [newId(), person],
  );
  await migrate(old, shipped);
  expect(await old.query('select person_id, last_on from person_standing order by 1')).toEqual([
    { person_id: person, last_on: '2026-11-10' },
    { person_id: silent, last_on: null },
  ]);
  await old.close();
});

test('rules of greetings and what calendars were told are as they were, and a rule comes back', async () => {
  const shipped = await readMigrations('server/db/migrations');
  const old = await openPglite(null);
  await migrate(old, shipped.slice(0, 12));
  const [rule, feed, action] = [newId(), newId(), newId()];
  await old.query(`insert into action (id, at, sentence) values ($1, now(), 'No rule any more')`, [
    action,
  ]);
  await old.query(
    `insert into greeting_rule (id, position, occasion, kind, words, since)
     values ($1, 0, 'birthday', 'email', 'A good day to you', '2026-11-23')`,
    [rule],
  );
  await old.query(
    `insert into calendar_feed (id, name, token_digest, shows, made_on) values ($1, 'All', 'd', '{dates}', '2026-11-23')`,
    [feed],
  );
  await old.query(
    `insert into calendar_event (uid, digest, sequence, changed_at) values ('a-birthday', 'x', 3, now())`,
  );
  await old.transaction(async (tx) => {
    await tx.query(`select set_config('penpal.action', $1, true)`, [action]);
    await tx.query('delete from greeting_rule');
  });
  await migrate(old, shipped);
  for (const run of await runsOf(old, action)) await revert(old, action, run);
  expect(await old.query('select id, subject, words from greeting_rule')).toEqual([
    { id: rule, subject: '', words: 'A good day to you' },
  ]);
  expect(await old.query('select feed_id, uid, sequence from calendar_event')).toEqual([
    { feed_id: feed, uid: 'a-birthday', sequence: 3 },
  ]);
  await old.close();
});

test('days, instants, large and exact numbers come as the program wants them', async () => {
  const [row] = await db.query(
    `select date '2026-11-23' as day, timestamptz '2026-11-23 08:00:00-08' as at, 5::bigint as big, 0.25::numeric as exact`,
  );
  expect(row).toEqual({ day: '2026-11-23', at: '2026-11-23T16:00:00.000Z', big: 5, exact: 0.25 });
});
