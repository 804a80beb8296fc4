import { undoAction } from '@/contract/history';
import { mergePeople, takeApart } from '@/contract/same';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

import { personTables, TABLES } from '../../act';
import { newId } from '../../db';

// Every table that refers to people: what a merge, its undoing, taking apart and chains of merges do with it.

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());
const { add, note } = sphereOf(() => api);

const CADENCE = '0191e2f0-0000-7000-8000-00000000000c';
const TEMPLATE = '0191e2f0-0000-7000-8000-00000000000d';
const TAGS = ['0191e2f0-0000-7000-8000-00000000000e', '0191e2f0-0000-7000-8000-00000000000f'];

interface Ids {
  p: string;
  o: string;
  q: string;
  i: string;
  n: number;
}

/**
 * Rows of every table for somebody, by SQL with the person (p), people with a lower (o) and a higher id (q), a new id (i) and the number
 * of the person among those that are merged (n): what all have in common is a twin, the rest is theirs alone.
 */
const ROWS: Record<string, (id: Ids) => string[]> = {
  note: ({ p, i, n }) => [`'${i}', '${p}', '2026-05-04', 'note ${n}', ''`],
  job: ({ p, i, n }) => [`'${i}', '${p}', 'job ${n}'`],
  photo: ({ p, i }) => [`'${i}', '${p}', 'image/png', ''`],
  person_tag: ({ p, n }) => [`'${newId()}', '${p}', '${TAGS[n % 2]!}'`],
  tie: ({ p, o, i }) => [
    `'${i}', '${p}', '${o}', '', 'partner'`,
    `'${newId()}', '${o}', '${p}', '', 'sibling'`,
  ],
  not_same: ({ p, o, q, i }) => [`'${i}', '${o}', '${p}'`, `'${newId()}', '${p}', '${q}'`],
  dismissed: ({ p, i, n }) => [`'${i}', '${p}', 'email'`, `'${newId()}', '${p}', 'only ${n}'`],
  hushed: ({ p, i, n }) => [`'${i}', '${p}', 'birthday'`, `'${newId()}', '${p}', 'only ${n}'`],
  touch: ({ p, i }) => [`'${i}', '${p}', '2026-05-04', now(), 'call', 'reached', 1, false`],
  follow_up: ({ p, o, i }) => [
    `'${i}', '${p}', '2027-05-04', 'call', 'x', null, null`,
    `'${newId()}', '${o}', '2027-05-04', 'call', 'x', null, '${p}'`,
  ],
  enrolment: ({ p, i, n }) => [
    `'${i}', '${p}', '${CADENCE}', '2026-05-0${n + 1}', null, '', 0, '2026-05-04'`,
  ],
  item_mark: ({ p, i }) => [
    `'follow:${i}', '${p}', 'made'`,
    `'greet:${p}:birthday:2026', '${p}', 'made'`,
  ],
  greeting_words: ({ p }) => [`'greet:${p}:birthday:2027', '${p}', 'Hello'`],
  delivery: ({ p, i, n }) => [
    `'${i}', 'k${i}', '${p}', 'email', '{person${n}@example.com}', '', 'words ${n}', 'held', '', 'you', '', null, '',
     false, '2026-11-23', now(), null, now()`,
  ],
  suppressed_address: ({ p, i, n }) => [`'gone${n}@example.com', now(), 'x', '${p}', '${i}'`],
  incoming: ({ p, i, n }) => [
    `'${i}', 'k${i}', 'email', 'a${n}@example.com', '', '', 'words', now(), 'answer', '${p}'`,
  ],
  wording_used: ({ p, i }) => [`'${p}', '${TEMPLATE}', '${newId()}', now(), '${i}'`],
  task: ({ p, i }) => [
    `'call:${i}', 'call', '${p}', '{}', 'ready', now(), now() + interval '1 year'`,
  ],
  arrival: ({ p, i }) => [`'${i}', '2026-05-04', 'A', '', '', '', false, 'added', '${p}'`],
};

/** Columns, where those of ROWS are not the first of the table. */
const COLUMNS: Record<string, string> = {
  tie: 'id, person_id, other_id, other_name, kind',
  touch: 'id, person_id, on_day, logged_at, kind, outcome, hold, automatic',
  enrolment:
    'id, person_id, cadence_id, start_on, stopped_on, stop_reason, anchor_round, anchor_on',
  delivery: `id, key, person_id, channel, addresses, subject, words, state, why, remedy, cadence, beat_id, item_key,
    automatic, planned_on, made_at, send_at, due_at`,
};

const tables = () => personTables(api.ctx.house.of(TABLES));

/** People who are merged, each with rows in every table. */
async function sphere(count: number): Promise<string[]> {
  const { db } = api.ctx;
  await db.script(`
    insert into cadence (id, name, rounds, gap_days) values ('${CADENCE}', 'C', null, 30);
    insert into template (id, kind, name, wordings) values ('${TEMPLATE}', 'email', 'T', '[]');
    insert into tag (id, name) values ('${TAGS[0]!}', 'one'), ('${TAGS[1]!}', 'two');`);
  const other = await add({ givenName: 'Otto' });
  const ids: string[] = [];
  for (let n = 0; n < count; n += 1) {
    const p = await add({
      givenName: `Rosa ${n}`,
      emails: [{ label: '', value: `person${n}@example.com` } as never],
      phone: `(201) 555-010${n}`,
    });
    ids.push(p);
  }
  const later = await add({ givenName: 'Quentin' });
  for (const [n, p] of ids.entries()) {
    for (const [table, rows] of Object.entries(ROWS))
      for (const row of rows({ p, o: other, q: later, i: newId(), n })) {
        const columns = COLUMNS[table] ? ` (${COLUMNS[table]})` : '';
        await db.query(`insert into ${table}${columns} values (${row})`);
      }
  }
  return ids;
}

/** Whose every row is, by table and column, and what is known of the people themselves. */
async function whose(ids: readonly string[]): Promise<Record<string, string[]>> {
  const found: Record<string, string[]> = {};
  for (const { table, person } of tables())
    for (const column of person.columns)
      for (const [n, id] of ids.entries()) {
        const rows = await api.ctx.db.query<{ row: string }>(
          `select id::text as row from ${table} where ${column} = $1::uuid order by 1`,
          [id],
        );
        found[`${n} ${table}.${column}`] = rows.map(({ row }) => row);
      }
  const people = await api.ctx.db.query<{ id: string }>(
    `select id, name, emails, phones, deleted_on is null as there from person_all where id = any($1::uuid[]) order by id`,
    [ids],
  );
  return { ...found, people: people.map((one) => JSON.stringify(one)) };
}

const merge = async (keepId: string, goneId: string) =>
  (await api.call(mergePeople, { body: { keepId, goneId, take: [] } })).actionId;
const undo = async (id: string) => (await api.call(undoAction, { params: { id } })).actionId;

test('every table that refers to people has rows here', async () => {
  const ids = await sphere(2);
  const rows = await whose(ids);
  const empty = Object.keys(rows).filter((key) => rows[key]?.length === 0);
  expect(empty).toEqual([]);
  expect(Object.keys(ROWS).sort()).toEqual(
    tables()
      .map(({ table }) => table)
      .sort(),
  );
});

test('a merge moves everything but twins and what is kept under a key; undone, all is whose it was', async () => {
  const [keep = '', gone = ''] = await sphere(2);
  const ids = [keep, gone];
  const before = await whose(ids);
  const id = await merge(keep, gone);
  const merged = await whose(ids);
  const left = Object.keys(merged).filter((key) => key.startsWith('1 ') && merged[key]?.length);
  expect(left).toEqual(
    [
      '1 photo.person_id',
      '1 wording_used.person_id',
      '1 item_mark.person_id',
      '1 greeting_words.person_id',
    ].sort((a, b) => Object.keys(merged).indexOf(a) - Object.keys(merged).indexOf(b)),
  );
  expect(merged['0 item_mark.person_id']).toContain(`greet:${keep}:birthday:2026`);
  const undone = await undo(id);
  expect(await whose(ids)).toEqual(before);
  // Done again, it is as it was merged.
  await undo(undone);
  expect(await whose(ids)).toEqual(merged);
});

test('taken apart after something new, each has what was theirs, and what is new stays', async () => {
  const [keep = '', gone = ''] = await sphere(2);
  const ids = [keep, gone];
  const before = await whose(ids);
  await merge(keep, gone);
  await note(keep, 'new');
  await api.ctx.db.query(`update delivery set version = version + 1, why = 'looked at'`);
  await api.call(takeApart, { body: { goneId: gone } });
  const after = await whose(ids);
  const notes = after['0 note.person_id'] ?? [];
  expect(notes).toHaveLength(2);
  expect({ ...after, '0 note.person_id': before['0 note.person_id'] }).toEqual(before);
  const [there] = await api.ctx.db.query<{ stopped_on: string | null }>(
    'select stopped_on from enrolment where person_id = $1::uuid',
    [gone],
  );
  expect(there?.stopped_on).toBeNull();
});

test.each([
  ['undone one after the other', 'undo'],
  ['taken apart, the last first', 'last'],
  ['taken apart, the first first', 'first'],
])('a chain of merges is %s', async (_, how) => {
  const [a = '', b = '', c = ''] = await sphere(3);
  const ids = [a, b, c];
  const before = await whose(ids);
  const first = await merge(b, c);
  const second = await merge(a, b);
  if (how === 'undo') {
    await undo(second);
    await undo(first);
  } else {
    await note(a, 'new');
    for (const goneId of how === 'last' ? [b, c] : [c, b])
      await api.call(takeApart, { body: { goneId } });
    await api.ctx.db.query(`delete from note where body = 'new'`);
  }
  expect(await whose(ids)).toEqual(before);
});

test('taken apart, the one who stays has neither the home nor the photo nor the first day of the other', async () => {
  const [keep = '', gone = ''] = await sphere(2);
  const home = newId();
  const { db } = api.ctx;
  await db.query(`insert into household (id) values ($1::uuid)`, [home]);
  await db.query(`delete from photo where person_id = $1::uuid`, [keep]);
  await db.query(
    `update person set household_id = $2::uuid, added_on = '2020-01-01',
       photo_id = (select id from photo where person_id = $1::uuid) where id = $1::uuid`,
    [gone, home],
  );
  const both = () =>
    db.query(
      'select household_id, photo_id, added_on from person where id = any($1::uuid[]) order by id',
      [[keep, gone]],
    );
  const before = await both();
  await merge(keep, gone);
  expect((await both())[0]).toMatchObject({ household_id: home, added_on: '2020-01-01' });
  await note(keep, 'new');
  await api.call(takeApart, { body: { goneId: gone } });
  expect(await both()).toEqual(before);
});

test('two who were each sent by somebody else are both thanked for after they are merged', async () => {
  const [keep = '', gone = ''] = await sphere(2);
  await api.ctx.db.query(
    `update follow_up set person_id = (select id from person where name = 'Quentin') where thanks_for = $1::uuid`,
    [gone],
  );
  const thanks = () =>
    api.ctx.db.query('select id from follow_up where thanks_for is not null order by id');
  const before = await thanks();
  expect(before).toHaveLength(2);
  await merge(keep, gone);
  expect(await thanks()).toEqual(before);
});
