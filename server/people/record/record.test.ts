import { addEntry, changeEntry, mergeEntries, readLists, removeEntry } from '@/contract/lists';
import { editPerson, enrichPerson, eraseImpact, erasePerson, listPeople } from '@/contract/people';
import { listActions, undoAction } from '@/contract/history';
import {
  addJob,
  addTie,
  editNote,
  joinHousehold,
  leaveHousehold,
  removeNote,
  saveSalutations,
} from '@/contract/story';
import { changeMany } from '@/contract/many';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());
const { add, sheet, note } = sphereOf(() => api);

const edit = async (id: string, change: object) =>
  api.call(editPerson, { params: { id }, body: { version: (await sheet(id)).version, ...change } });
const refuse = async (id: string, change: object) =>
  api.refusal(editPerson, { params: { id }, body: { version: 1, ...change } });

describe('the record', () => {
  test('every field is kept as it was given, saved one by one, and undone one by one', async () => {
    const id = await add({ givenName: 'Rosa', familyName: 'Lind' });
    const changes: object[] = [
      { prefix: 'Dr.', middleName: 'Inés', suffix: 'Jr.', goesBy: 'Ro', jobTitle: 'Boat builder' },
      {
        emails: [
          { value: 'rosa@example.com', label: 'home' },
          { value: 'r@example.org', label: '' },
        ],
      },
      { phones: [{ value: '+12015550123', label: 'cell' }] },
      { links: [{ value: 'https://example.com/rosa', label: '' }] },
      { dates: [{ name: 'Wedding', on: '1998-06-05' }], birthday: '05-04' },
      { interests: ['sailing'], language: 'es', favourite: true, preferred: 'call' },
      { consent: { call: { answer: 'no', on: '2026-05-04', cameFrom: 'at the fair' } } },
    ];
    const undos: string[] = [];
    for (const change of changes) undos.push((await edit(id, change)).actionId);
    expect((await sheet(id)).fields).toMatchObject(Object.assign({}, ...changes) as object);
    for (const actionId of undos.toReversed())
      await api.call(undoAction, { params: { id: actionId } });
    expect((await sheet(id)).fields).toMatchObject({ goesBy: '', emails: [], consent: {} });
  });

  test('the first address is where mail goes, and what filters and the planner see', async () => {
    const id = await add({ givenName: 'Ana', addresses: [{ line: '3 Kelp Lane', place: 'Kelp' }] });
    await edit(id, {
      addresses: [{ line: '12 Lantern Row', place: 'Old Quay' }, { line: '3 Kelp Lane' }],
    });
    const { rows } = await api.call(listPeople, { query: { text: 'ana kelp' } });
    expect(rows[0]).toMatchObject({ id, place: 'Old Quay', hasAddress: true });
  });

  test('“would they refer me” is dated by the day of the answer', async () => {
    const id = await add({ givenName: 'Wen' });
    await edit(id, { wouldRefer: 'perhaps' });
    expect((await sheet(id)).fields).toMatchObject({
      wouldRefer: 'perhaps',
      wouldReferOn: '2026-11-23',
    });
  });

  test.each([
    [{ emails: [{ value: 'rosa@@' }] }, '“rosa@@” is not an e-mail address.'],
    [{ phones: [{ value: 'later' }] }, '“later” is not a phone number.'],
    [{ birthday: '02-31' }, 'There is no 02-31 in the calendar.'],
    [
      { dates: [{ name: 'Boat day', on: '2025-02-29' }] },
      'There is no 2025-02-29 in the calendar (Boat day).',
    ],
    [{ links: [{ value: 'javascript:alert(1)' }] }, '“javascript:alert(1)” is not a web address.'],
    [{ dates: [{ name: '', on: '05-04' }] }, 'Name the date.'],
  ])('%j is refused and nothing is changed', async (change, message) => {
    const id = await add({ givenName: 'Steady' });
    expect(await refuse(id, change)).toMatchObject({ code: 'invalid', message });
    expect((await sheet(id)).version).toBe(1);
  });

  test('what is new about somebody fills what is empty and overwrites nothing', async () => {
    const id = await add({ givenName: 'Jonas', familyName: 'Moe', phone: '555-0101' });
    await edit(id, { consent: { text: { answer: 'no', on: '2026-05-04', cameFrom: '' } } });
    const body = {
      givenName: 'J.',
      company: 'Net & Loft',
      phone: '555-0102',
      email: 'jonas@example.com',
      tags: ['boat'],
      consent: { text: { answer: 'yes' as const, on: '2026-11-01' } },
    };
    await api.call(enrichPerson, { params: { id }, body });
    expect(await sheet(id)).toMatchObject({
      tags: ['boat'],
      fields: {
        givenName: 'Jonas',
        company: 'Net & Loft',
        phones: [{ value: '555-0101' }, { value: '555-0102' }],
        consent: { text: { answer: 'no' } },
      },
    });
  });
});

describe('lists and own fields', () => {
  test('a new name changes it for everybody who has it, and says for how many', async () => {
    const ids = [
      await add({ givenName: 'A', roles: ['Baker'] }),
      await add({ givenName: 'B', roles: ['baker'] }),
    ];
    const { role } = await api.call(readLists);
    const baker = role.find(({ name }) => name === 'Baker')!;
    expect(baker.people).toBe(2);
    const done = await api.call(changeEntry, {
      params: { list: 'role', id: baker.id },
      body: { name: 'Bread baker' },
    });
    expect(done).toMatchObject({
      people: 2,
      sentence: 'Renamed Baker to Bread baker for 2 people',
    });
    expect((await sheet(ids[1]!)).fields.roles).toEqual(['Bread baker']);
    await api.call(undoAction, { params: { id: done.actionId } });
    expect((await sheet(ids[1]!)).fields.roles).toEqual(['Baker']);
  });

  test.each(['role', 'standing', 'source', 'tag', 'circle'] as const)(
    'two entries of %s become one, and undo parts them',
    async (list) => {
      const [from, to] = [
        await api.call(addEntry, { params: { list }, body: { name: `From ${list}` } }),
        await api.call(addEntry, { params: { list }, body: { name: `To ${list}` } }),
      ];
      const id = await add({
        givenName: 'Both',
        ...{
          role: { roles: ['From role', 'To role'] },
          standing: { standing: 'From standing' },
          source: { source: 'From source' },
          tag: { tags: ['From tag', 'To tag'] },
          circle: { circleId: from.id },
        }[list],
      });
      const has = async () => {
        const { fields, tags, circle } = await sheet(id);
        return {
          role: fields.roles,
          standing: [fields.standing],
          source: [fields.source],
          tag: tags,
          circle: [circle?.name],
        }[list];
      };
      const before = await has();
      const { actionId } = await api.call(mergeEntries, {
        params: { list, id: from.id },
        body: { into: to.id },
      });
      expect(await has()).toEqual([`To ${list}`]);
      await api.call(undoAction, { params: { id: actionId } });
      expect(await has()).toEqual(before);
      expect(
        await api.refusal(mergeEntries, { params: { list, id: to.id }, body: { into: to.id } }),
      ).toMatchObject({ code: 'invalid' });
      expect(
        await api.refusal(addEntry, { params: { list }, body: { name: `to ${list}` } }),
      ).toMatchObject({ code: 'conflict' });
    },
  );

  test('own fields hold what their type wants, and refuse the rest with a sentence', async () => {
    const make = async (name: string, type: 'money' | 'choice' | 'date', choices?: string[]) =>
      (
        await api.call(addEntry, {
          params: { list: 'field' },
          body: { name, type, ...(choices ? { choices } : {}) },
        })
      ).id;
    const [loan, size, day] = [
      await make('Loan', 'money'),
      await make('Size', 'choice', ['S', 'L']),
      await make('Fixed until', 'date'),
    ];
    const id = await add({ givenName: 'Own' });
    await edit(id, { own: { [loan]: '1,250.50', [size]: 's', [day]: '5/4/2030' } });
    expect((await sheet(id)).fields.own).toEqual({
      [loan]: 125_050,
      [size]: 'S',
      [day]: '2030-05-04',
    });
    for (const [field, value, message] of [
      [loan, 'much', '“much” is not an amount of money, which Loan wants.'],
      [size, 'XL', '“XL” is not one of its choices, which Size wants.'],
      [day, '31/02/2030', '“31/02/2030” is not a day in the calendar, which Fixed until wants.'],
    ] as const)
      expect(await refuse(id, { own: { [field]: value } })).toMatchObject({ message });
    expect(
      await api.refusal(changeEntry, {
        params: { list: 'field', id: size },
        body: { choices: ['L'] },
      }),
    ).toMatchObject({ message: "1 person has “S”, so it can't be taken out of the choices." });
    const gone = await api.call(removeEntry, { params: { list: 'field', id: loan } });
    expect(gone.people).toBe(1);
    expect((await sheet(id)).fields.own[loan]).toBeUndefined();
    await api.call(undoAction, { params: { id: gone.actionId } });
    expect((await sheet(id)).fields.own[loan]).toBe(125_050);
  });
});

describe('ties and households', () => {
  const tie = (id: string, body: object) =>
    api.call(addTie, { params: { id }, body: body as never });
  const refuseTie = (id: string, body: object) =>
    api.refusal(addTie, { params: { id }, body: body as never });

  test('a tie shows on both sheets, from each one’s side', async () => {
    const [dana, kim] = [await add({ givenName: 'Dana' }), await add({ givenName: 'Kim' })];
    await tie(dana, { kind: 'child', otherId: kim });
    await tie(dana, { kind: 'pet', otherName: 'Biscuit', birthday: '05-04' });
    expect((await sheet(dana)).ties).toMatchObject([
      { kind: 'child', name: 'Kim', otherId: kim },
      { kind: 'pet', name: 'Biscuit', birthday: '05-04', otherId: null },
    ]);
    expect((await sheet(kim)).ties).toMatchObject([{ kind: 'parent', name: 'Dana' }]);
    expect(await refuseTie(kim, { kind: 'child', otherId: dana })).toMatchObject({
      message: "Kim and Dana can't each be the other's parent or forebear.",
    });
    expect(await refuseTie(dana, { kind: 'friend', otherId: dana })).toMatchObject({
      message: 'Nobody can be tied to themselves.',
    });
    expect(await refuseTie(kim, { kind: 'parent', otherId: dana })).toMatchObject({
      code: 'conflict',
    });
  });

  test('who sent whom is made when somebody is added, and never goes in circles', async () => {
    const sender = await add({ givenName: 'Sender' });
    const sent = await add({ givenName: 'Sent', referredBy: sender });
    expect((await sheet(sender)).ties).toMatchObject([{ kind: 'referred', otherId: sent }]);
    expect(await refuseTie(sender, { kind: 'referred_by', otherId: sent })).toMatchObject({
      message: "Sender and Sent can't have sent each other.",
    });
  });

  test('partners and people of one mailing address share a home, are addressed as one, and can part', async () => {
    const home = { addresses: [{ line: '12 Lantern Street', postalCode: '00012' }] };
    const dana = await add({ givenName: 'Dana', familyName: 'Marsh', ...home });
    const lee = await add({
      givenName: 'Lee',
      familyName: 'Marsh',
      addresses: [{ line: '12 Lantern St.', postalCode: '00012' }],
    });
    expect((await sheet(dana)).household).toMatchObject({
      members: [{ name: 'Dana Marsh' }, { name: 'Lee Marsh' }],
      formal: 'Dana & Lee Marsh',
      familiar: 'Dana & Lee',
    });
    const kim = await add({ givenName: 'Kim', familyName: 'Marsh' });
    await tie(kim, { kind: 'partner', otherId: lee });
    expect((await sheet(kim)).household).toMatchObject({ formal: 'The Marsh household' });
    await api.call(leaveHousehold, { params: { id: kim } });
    expect((await sheet(kim)).household).toBeNull();
    await edit(kim, home);
    expect((await sheet(kim)).household).toBeNull();
    await api.call(joinHousehold, { params: { id: kim }, body: { withId: dana } });
    const { household } = await sheet(kim);
    await api.call(saveSalutations, {
      params: { id: household!.id },
      body: { formal: 'All at No. 12' },
    });
    expect((await sheet(lee)).household).toMatchObject({ formal: 'All at No. 12' });
    expect(
      await api.refusal(joinHousehold, { params: { id: kim }, body: { withId: kim } }),
    ).toMatchObject({
      code: 'invalid',
    });
  });

  test('an office shared is no home', async () => {
    const office = { addresses: [{ line: '1 Quay Street', postalCode: '00012', label: 'work' }] };
    const a = await add({ givenName: 'Office', familyName: 'One', ...office });
    await add({ givenName: 'Office', familyName: 'Two', ...office });
    expect((await sheet(a)).household).toBeNull();
  });
});

describe('the story', () => {
  test('notes are tagged, pinned, changed, dated and taken away', async () => {
    const id = await add({ givenName: 'Noted' });
    await note(id, 'Wants a #boat and #sea-view');
    const [first] = (await sheet(id)).notes;
    expect(first).toMatchObject({ tags: ['boat', 'sea-view'], pinned: false });
    const params = { id: first!.id };
    await api.call(editNote, { params, body: { pinned: true, version: 1 } });
    await api.call(editNote, {
      params,
      body: { body: 'Has a boat', on: '2026-11-01', version: 2 },
    });
    // A second window that has not seen it yet is told, and overwrites nothing.
    const stale = { body: 'Wants a loft', version: 1 };
    expect(await api.refusal(editNote, { params, body: stale })).toMatchObject({
      code: 'conflict',
      message: expect.stringContaining('It says now: “Has a boat”'),
    });
    expect((await sheet(id)).notes).toMatchObject([
      { body: 'Has a boat', on: '2026-11-01', pinned: true, tags: [] },
    ]);
    expect((await sheet(id)).talk).toContainEqual({ about: 'Remember', words: 'Has a boat' });
    expect(
      await api.refusal(editNote, { params, body: { on: '2026-12-24', version: 3 } }),
    ).toMatchObject({
      message: 'A note is about a day that has been.',
    });
    const { actionId } = await api.call(removeNote, { params });
    expect((await sheet(id)).notes).toEqual([]);
    await api.call(undoAction, { params: { id: actionId } });
    expect((await sheet(id)).notes).toHaveLength(1);
  });

  test('completed work has its anniversary', async () => {
    const id = await add({ givenName: 'Worked' });
    await api.call(addJob, {
      params: { id },
      body: { name: 'Loan for the loft', feeMinor: 250_000, completedOn: '2024-12-01' },
    });
    expect((await sheet(id)).talk).toContainEqual({
      about: 'Around now',
      words: 'Anniversary of Loan for the loft in 8 days (December 1, 2 years)',
    });
  });
});

describe('put away, deleted, erased', () => {
  test('archived and deleted people are out of every list, and come back', async () => {
    const id = await add({ givenName: 'Awayish', familyName: 'Person' });
    const find = async (among?: 'archived' | 'deleted') =>
      (await api.call(listPeople, { query: { text: 'awayish', ...(among ? { among } : {}) } }))
        .total;
    const change = (what: 'archive' | 'delete' | 'restore') =>
      api.call(changeMany, { body: { who: { ids: [id] }, change: { do: what } } });
    await change('archive');
    expect([await find(), await find('archived')]).toEqual([0, 1]);
    expect(await sheet(id)).toMatchObject({ archivedOn: '2026-11-23', planned: [] });
    await change('delete');
    expect([await find('archived'), await find('deleted')]).toEqual([0, 1]);
    await change('restore');
    expect(await find()).toBe(1);
  });

  test('erasing asks for the name and leaves nothing, not even in the history', async () => {
    const id = await add({
      givenName: 'Umbra',
      familyName: 'Former',
      email: 'vanish@example.com',
      tags: ['gone'],
    });
    const other = await add({ givenName: 'Stays' });
    await note(id, 'a secret');
    await api.call(addTie, { params: { id: other }, body: { kind: 'friend', otherId: id } });
    await edit(id, { company: 'Secret Firm' });
    // Renamed: the history goes on saying what they were called when it happened.
    await edit(id, { givenName: 'Vanish', familyName: 'Fully' });
    expect((await api.call(eraseImpact, { params: { id } })).held).toEqual([
      '1 note',
      '1 tag',
      '1 tie',
    ]);
    expect(
      await api.refusal(erasePerson, { params: { id }, body: { name: 'vanish' } }),
    ).toMatchObject({
      message: 'Type the name as it is shown, Vanish Fully, to erase them.',
    });
    await api.call(erasePerson, { params: { id }, body: { name: 'Vanish Fully' } });
    const left: string[] = [];
    const tables = await api.ctx.db.query<{ name: string }>(
      `select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
    );
    for (const { name } of tables)
      for (const { row } of await api.ctx.db.query<{ row: string }>(
        `select to_jsonb(t)::text as row from public."${name}" t`,
      ))
        if (/vanish|secret|umbra|former/i.test(row) || row.includes(id))
          left.push(`${name}: ${row}`);
    expect(left).toEqual([]);
    expect((await sheet(other)).ties).toEqual([]);
    const { actions } = await api.call(listActions, { query: { limit: 50 } });
    expect(actions.some(({ sentence }) => /Vanish|Umbra/.test(sentence))).toBe(false);
  });
});
