import { changeMany } from '@/contract/many';
import {
  addPerson,
  editPerson,
  getPerson,
  listPeople,
  peopleFacets,
  readLine,
} from '@/contract/people';
import { addNote } from '@/contract/story';
import { undoAction } from '@/contract/history';
import { getSettings } from '@/contract/settings';
import { logPast } from '@/contract/touches';
import { plainDate } from '@/core/time';
import { dueDay, holdOf, outcomesOf, standingOf, TOUCH_KINDS, warmthOf } from '@/core/touches';
import { startTestApi, type TestApi } from '@/testing/api';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());

const circleId = async (name: string) => {
  const { circles } = await api.call(getSettings);
  return circles.find((circle) => circle.name === name)!.id;
};

const add = (
  body: Parameters<typeof api.call<typeof addPerson>>[1] extends { body?: infer B } | undefined
    ? B
    : never,
) => api.call(addPerson, { body });

describe('adding one', () => {
  test('a name and one way to reach them is enough', async () => {
    const { id, sentence } = await add({
      givenName: 'Rosa',
      familyName: 'Lind',
      phone: '555-0142',
    });
    expect(sentence).toBe('Added Rosa Lind');
    const sheet = await api.call(getPerson, { params: { id } });
    expect(sheet).toMatchObject({
      name: 'Rosa Lind',
      version: 1,
      addedOn: '2026-11-23',
      circle: null,
    });
    expect(sheet.sentence).toBe('Here since today, not touched yet; nothing is promised.');
  });

  test('a typed line is read but not written', async () => {
    const before = await api.call(peopleFacets);
    const { draft } = await api.call(readLine, { body: { line: 'Bo Marsh, bo@example.com' } });
    expect(draft).toMatchObject({ givenName: 'Bo', emails: [{ value: 'bo@example.com' }] });
    expect((await api.call(peopleFacets)).total).toBe(before.total);
  });

  test.each([
    [{}, 'Give a name, or a phone number or e-mail address.', 'givenName'],
    [{ givenName: 'Ana', email: 'ana@@' }, '“ana@@” is not an e-mail address.', 'emails.0.value'],
    [{ givenName: 'Ana', phone: 'later' }, '“later” is not a phone number.', 'phones.0.value'],
    [
      { givenName: 'Ana', birthday: '1980-02-30' },
      'There is no 1980-02-30 in the calendar.',
      'birthday',
    ],
    [{ givenName: 'Ana', birthday: '30 Feb' }, 'Give the day as YYYY-MM-DD or MM-DD.', 'birthday'],
  ])('%j is refused with a sentence', async (body, message, field) => {
    expect(await api.refusal(addPerson, { body })).toMatchObject({
      code: 'invalid',
      message,
      field,
    });
  });

  test('an unknown circle is refused and nobody is added', async () => {
    const before = await api.call(peopleFacets);
    const body = { givenName: 'Ana', circleId: '0190a000-0000-7000-8000-0000000000ff' };
    expect(await api.refusal(addPerson, { body })).toMatchObject({
      code: 'not_found',
      message: 'There is no such circle.',
    });
    expect((await api.call(peopleFacets)).total).toBe(before.total);
  });

  test('undo takes the person away again, tags and note with them', async () => {
    const { id, actionId } = await add({
      givenName: 'Gone',
      tags: ['garden'],
      note: 'met at the market',
    });
    await api.call(undoAction, { params: { id: actionId } });
    expect(await api.refusal(getPerson, { params: { id } })).toMatchObject({ code: 'not_found' });
    expect(await api.refusal(undoAction, { params: { id: actionId } })).toMatchObject({
      message: 'This was undone already.',
    });
  });
});

describe('changing one', () => {
  test('two windows: the second change is refused, nothing of the first is lost', async () => {
    const { id } = await add({
      givenName: 'Halima',
      familyName: 'Osei',
      email: 'halima@example.net',
    });
    await api.call(editPerson, {
      params: { id },
      body: { version: 1, company: 'Tidewater Title' },
    });
    const refusal = await api.refusal(editPerson, {
      params: { id },
      body: { version: 1, company: 'Harbor Lights' },
    });
    expect(refusal.code).toBe('conflict');
    expect(refusal.message).toMatch(/^Halima Osei was changed in another window meanwhile/);
    const sheet = await api.call(getPerson, { params: { id } });
    expect(sheet).toMatchObject({ version: 2, fields: { company: 'Tidewater Title' } });
  });

  test('undo brings back what was, unless something newer would be lost', async () => {
    const { id } = await add({ givenName: 'Gideon', phone: '555-0117' });
    const first = await api.call(editPerson, {
      params: { id },
      body: { version: 1, phones: [{ value: '555-0118' }] },
    });
    const second = await api.call(editPerson, {
      params: { id },
      body: { version: 2, tags: ['boat'] },
    });
    expect(await api.refusal(undoAction, { params: { id: first.actionId } })).toMatchObject({
      code: 'conflict',
      message: 'Something changed since then, so undoing this would lose the newer change.',
    });
    await api.call(undoAction, { params: { id: second.actionId } });
    await api.call(undoAction, { params: { id: first.actionId } });
    const sheet = await api.call(getPerson, { params: { id } });
    expect(sheet).toMatchObject({
      version: 1,
      tags: [],
      fields: { phones: [{ value: '555-0117' }] },
    });
  });

  test('an undo can itself be undone', async () => {
    const { id } = await add({ givenName: 'Ines' });
    const edit = await api.call(editPerson, {
      params: { id },
      body: { version: 1, company: 'Net & Loft' },
    });
    const undo = await api.call(undoAction, { params: { id: edit.actionId } });
    await api.call(undoAction, { params: { id: undo.actionId } });
    expect((await api.call(getPerson, { params: { id } })).fields.company).toBe('Net & Loft');
  });

  test('somebody unknown can not be changed', async () => {
    const id = '0190a000-0000-7000-8000-0000000000aa';
    expect(await api.refusal(editPerson, { params: { id }, body: { version: 1 } })).toMatchObject({
      code: 'not_found',
      message: 'This person is not in your sphere any more.',
    });
    expect(await api.refusal(getPerson, { params: { id: 'nobody' } })).toMatchObject({
      code: 'invalid',
      field: 'id',
    });
  });
});

describe('many at once', () => {
  test('a circle for all whom a filter finds, with the exact number, undone as one', async () => {
    for (let i = 0; i < 5; i++) await add({ givenName: `Many${i}`, tags: ['crowd'] });
    const who = { filter: { tags: ['crowd'] } };
    const done = await api.call(changeMany, {
      body: { who, change: { do: 'circle', circleId: await circleId('Close') } },
    });
    expect(done).toMatchObject({ people: 5, sentence: 'Moved 5 people to another circle' });
    const inClose = { query: { circleIds: await circleId('Close'), text: 'many' } };
    expect((await api.call(listPeople, inClose)).total).toBe(5);
    await api.call(undoAction, { params: { id: done.actionId } });
    expect((await api.call(listPeople, inClose)).total).toBe(0);
  });

  test('a tag is put on once', async () => {
    const who = { filter: { tags: ['crowd'] } };
    expect(
      await api.call(changeMany, { body: { who, change: { do: 'addTag', tag: 'Fair' } } }),
    ).toMatchObject({ people: 5 });
    expect(
      await api.call(changeMany, { body: { who, change: { do: 'addTag', tag: 'fair' } } }),
    ).toMatchObject({ people: 0 });
  });
});

describe('finding', () => {
  test('by name without accents, note, tag, street and digits of the phone', async () => {
    const { id } = await add({
      givenName: 'Łucja',
      familyName: 'Åberg',
      phone: '(201) 555-0123',
      addresses: [{ line: '3 Lantern Row' }],
      tags: ['sailing'],
    });
    await api.call(addNote, { params: { id }, body: { body: 'Wants a café near the quay' } });
    for (const text of [
      'lucja aberg',
      'ABERG',
      'lantern',
      '5550123',
      'cafe',
      'sailing',
      'quay lucja',
    ])
      expect({
        text,
        found: (await api.call(listPeople, { query: { text } })).rows.map((row) => row.id),
      }).toEqual({ text, found: [id] });
    expect((await api.call(listPeople, { query: { text: '100%_' } })).total).toBe(0);
  });

  test('pages beyond the end are empty and keep the number', async () => {
    const { total } = await api.call(listPeople);
    expect(await api.call(listPeople, { query: { offset: 10_000 } })).toEqual({
      total,
      near: false,
      rows: [],
    });
  });
});

// The SQL that sorts and filters by slack and warmth mirrors core; this holds the two together.
test('how many are how warm follows what is looked for, whichever warmth is chosen', async () => {
  for (const givenName of ['Wilma', 'Wanda', 'Bert'])
    await api.call(addPerson, {
      body: { givenName, phone: '555-0142', circleId: '0190a000-0000-7000-8000-000000000001' },
    });
  const found = (query: object) => api.call(peopleFacets, { query });
  const of = async (query: object) => (await found(query)).warmth.steady ?? 0;
  expect((await of({})) - (await of({ text: 'w' }))).toBeGreaterThan(0);
  expect(await of({ text: 'wilma' })).toBe(1);
  expect(await of({ text: 'wilma', warmths: 'quiet' })).toBe(1);
  expect((await found({ text: 'wilma' })).total).toBe(1);
  // Spelled alike, as in the list.
  expect(await of({ text: 'willma' })).toBe(1);
});

test('SQL and core agree on when a promise runs out and how warm it is', async () => {
  const today = plainDate('2026-11-23');
  const circles = ['Inner', 'Close', 'Wider', 'Outer', null];
  const made: { id: string; touches: { hold: number; ago: number }[] }[] = [];
  for (let i = 0; i < 60; i++) {
    const circle = circles[i % circles.length]!;
    const { id } = await add({
      givenName: `Mirror${i}`,
      circleId: circle ? await circleId(circle) : null,
    });
    const kind = TOUCH_KINDS[i % TOUCH_KINDS.length]!;
    const touches = outcomesOf(kind).map((outcome, n) => ({
      kind,
      outcome,
      ago: (i * 7 + n * 13) % 200,
    }));
    if (i % 6 > 0)
      await api.call(logPast, {
        body: {
          touches: touches.map(({ ago, ...touch }) => ({
            ...touch,
            personId: id,
            on: new Date(Date.UTC(2026, 10, 23 - ago)).toISOString().slice(0, 10),
            note: '',
          })),
        },
      });
    made.push({
      id,
      touches:
        i % 6 > 0 ? touches.map((t) => ({ hold: holdOf(t.kind, t.outcome), ago: t.ago })) : [],
    });
  }
  const { rows } = await api.call(listPeople, { query: { text: 'mirror', limit: 100 } });
  expect(rows).toHaveLength(60);
  const now = 0;
  for (const row of rows) {
    const { touches } = made.find(({ id }) => id === row.id)!;
    const { promiseDays } = row.standing;
    const due = dueDay({
      promiseDays,
      lastTouches: touches.map(({ hold, ago }) => ({ hold, on: now - ago })),
      addedOn: now,
      graceDays: 14,
    });
    const standing = standingOf({ promiseDays, due }, now);
    expect(row.standing.slack).toBe(standing.kind === 'none' ? null : standing.slack);
    if (standing.kind === 'promised') {
      expect(row.standing.warmth).toBe(warmthOf(standing.slack, standing.promiseDays));
      const inBand = await api.call(listPeople, {
        query: { text: row.name, warmths: standing.warmth },
      });
      expect(inBand.rows.map(({ id }) => id)).toContain(row.id);
    }
  }
  const slacks = rows.map(({ standing }) => standing.slack).filter((slack) => slack !== null);
  expect(slacks).toEqual([...slacks].sort((a, b) => a - b));
  expect(today).toBe(api.clock.today());
});

test('a tag that is put on in one window is not lost by what another one saves', async () => {
  const id = (await api.call(addPerson, { body: { givenName: 'Twice open', tags: ['one'] } })).id;
  const { version } = await api.call(getPerson, { params: { id } });
  const change = { do: 'addTag' as const, tag: 'two' };
  await api.call(changeMany, { body: { who: { ids: [id] }, change } });
  const stale = { version, tags: ['one', 'three'] };
  expect(await api.refusal(editPerson, { params: { id }, body: stale })).toMatchObject({
    code: 'conflict',
  });
  expect((await api.call(getPerson, { params: { id } })).tags).toEqual(['one', 'two']);
  // Put on by thousands no version is raised; what was seen is compared.
  const { version: now } = await api.call(getPerson, { params: { id } });
  const seen = { version: now, tags: ['one', 'three'], tagsWere: ['one'] };
  expect(await api.refusal(editPerson, { params: { id }, body: seen })).toMatchObject({
    code: 'conflict',
  });
  const right = { version: now, tags: ['one', 'three'], tagsWere: ['two', 'one'] };
  await api.call(editPerson, { params: { id }, body: right });
  expect((await api.call(getPerson, { params: { id } })).tags).toEqual(['one', 'three']);
});
