import { getCadence } from '@/contract/cadences';
import { stopEnrolments, enrol, previewEnrolment } from '@/contract/enrolments';
import { changeMany } from '@/contract/many';
import { addPerson, getPerson } from '@/contract/people';
import { endRota, getRota, listRotas, regroupRota, saveRota, tryRota } from '@/contract/rota';
import { undoAction } from '@/contract/history';
import { moveClock } from '@/contract/settings';
import { getDesk, logTouch } from '@/contract/touches';
import { daysBetween, plainDate, toDayNumber, weekdayOf, weekStart } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');
const FAMILIES = 'Abel Bell Cole Dunn Ellis Frost Gale Hart Ivory Jones Kane Lowe Marsh'.split(' ');

let api: TestApi;
let id: string;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
  for (const familyName of FAMILIES)
    await api.call(addPerson, { body: { givenName: 'Sam', familyName, phone: '555-0101' } });
  id = await cadencesOf(() => api).build([beat(0)], { name: 'By letter' });
});
afterEach(() => api.close());

const draft = (change: object = {}) => ({
  namePart: 'family' as const,
  particles: 'first' as const,
  weeks: 13,
  lettersAWeek: 2,
  firstDay: TODAY,
  cuts: {},
  who: {},
  ...change,
});
const save = (change: object = {}) => api.call(saveRota, { params: { id }, body: draft(change) });
const add = async (familyName: string) =>
  (await api.call(addPerson, { body: { givenName: 'New', familyName, phone: '555-0102' } })).id;
const next = async (personId: string) =>
  (await api.call(getPerson, { params: { id: personId } })).planned[0]?.day;

test('everybody is called once a quarter in the week of their letter, without any tag', async () => {
  expect((await api.call(getRota, { params: { id } })).saved).toBe(false);
  const { sentence } = await save();
  expect(sentence).toBe('By letter calls by initials, 13 people taken in');
  const { weeks, people, saved } = await api.call(getRota, { params: { id } });
  expect([saved, people, weeks.length]).toEqual([true, 13, 13]);
  expect(weeks.flatMap(({ groups }) => groups.map(({ name }) => name)).length).toBe(27);
  // Thirteen letters with one name each: one a week.
  expect(weeks.map((week) => week.people)).toEqual(weeks.map(() => 1));
  expect(weeks[0]).toMatchObject({ monday: TODAY, now: true });
  // Each week names who is in it, everybody once.
  expect(weeks.flatMap(({ who }) => who.map(({ name }) => name)).sort()).toEqual(
    FAMILIES.map((family) => `Sam ${family}`).sort(),
  );
  expect(await api.call(getCadence, { params: { id } })).toMatchObject({ rota: true, gapDays: 91 });
  expect((await api.call(getDesk)).items).toHaveLength(1);
});

test('the weeks come as the rota said, and a quarter later again', async () => {
  await save();
  const { weeks } = await api.call(getRota, { params: { id } });
  const seen: string[] = [];
  for (let week = 0; week < 14; week++) {
    for (const item of (await api.call(getDesk)).items) {
      seen.push(item.name);
      await api.call(logTouch, {
        body: { personId: item.personId, kind: 'call', outcome: 'reached', itemKey: item.key },
      });
    }
    await api.call(moveClock, { body: { days: 7 } });
  }
  expect(seen).toHaveLength(14);
  expect(new Set(seen).size).toBe(13);
  expect(seen[13]).toBe(seen[0]);
  const letters = weeks.map(({ groups }) => groups.filter((g) => g.people > 0)[0]!.name);
  expect(seen.slice(0, 13).map((name) => name.split(' ')[1]![0])).toEqual(letters);
}, 60_000);

test('adding somebody is undone although the rota took them in at once', async () => {
  await save();
  const { actionId, id: personId } = await api.call(addPerson, {
    body: { givenName: 'New', familyName: 'Usher', phone: '555-0102' },
  });
  expect(await next(personId)).toBeTruthy();
  await api.call(undoAction, { params: { id: actionId } });
  expect((await api.call(getRota, { params: { id } })).people).toBe(13);
});

test('by hand anybody is put on the rota, in the week of their letter, and stays on it', async () => {
  const tag = (
    await api.call(addPerson, {
      body: { givenName: 'Sam', familyName: 'Ash', phone: '555-0103', tags: ['letters'] },
    })
  ).id;
  const other = await add('Usher');
  await save({ who: { tags: ['letters'] } });
  expect(await next(tag)).toBeTruthy();
  expect(await next(other)).toBeUndefined();
  const body = { cadenceId: id, who: { ids: [other] }, startOn: TODAY };
  const preview = await api.call(previewEnrolment, { body: { ...body, samplePersonId: null } });
  await api.call(enrol, { body });
  const { weeks, people } = await api.call(getRota, { params: { id } });
  expect(people).toBe(2);
  const week = weeks.find(({ groups }) => groups.some((g) => g.people > 0 && g.name === 'U'))!;
  expect(await next(other)).toBe(week.monday);
  expect(preview.sample!.touches[0]!.on).toBe(week.monday);
  await api.call(moveClock, { body: { days: 1 } });
  expect(await next(other)).toBe(week.monday);
});

test('a call that was not made in its week can be made up for within the month', async () => {
  await save();
  const [item] = (await api.call(getDesk)).items;
  const first = async () =>
    (await api.call(getDesk)).items.some(({ personId }) => personId === item!.personId);
  await api.call(moveClock, { body: { days: 25 } });
  expect(await first()).toBe(true);
  await api.call(moveClock, { body: { days: 3 } });
  expect(await first()).toBe(false);
  expect(await next(item!.personId)).toBe('2027-02-22');
});

test('somebody new is called in the week of their letter; who was taken off stays off', async () => {
  await save();
  const { weeks } = await api.call(getRota, { params: { id } });
  const mia = await add('Lund');
  const week = weeks.find(({ groups }) => groups.some(({ name }) => name === 'L'))!;
  expect(await next(mia)).toBe(week.monday);
  const { enrolments } = await api.call(getPerson, { params: { id: mia } });
  await api.call(stopEnrolments, { body: { ids: [enrolments[0]!.id], reason: 'Asked to' } });
  await api.call(moveClock, { body: { days: 1 } });
  expect(await next(mia)).toBeUndefined();
});

test.each(['archive', 'delete'] as const)(
  'who comes back after an undone %s is called as before',
  async (how) => {
    await save();
    const mia = await add('Lund');
    const before = await api.call(getPerson, { params: { id: mia } });
    const { actionId } = await api.call(changeMany, {
      body: { who: { ids: [mia] }, change: { do: how } },
    });
    await api.call(moveClock, { body: { days: 1 } });
    await api.call(undoAction, { params: { id: actionId! } });
    const after = await api.call(getPerson, { params: { id: mia } });
    expect(after.enrolments.map(({ id, state }) => [id, state])).toEqual(
      before.enrolments.map(({ id, state }) => [id, state]),
    );
    expect(JSON.stringify(after.events)).not.toMatch(/No longer among/);
    expect(await next(mia)).toBe(before.planned[0]!.day);
  },
);

test('whom it calls can be fewer, and those who leave the view leave the rota', async () => {
  await save();
  const { sentence } = await save({ who: { text: 'Marsh' } });
  expect(sentence).toBe('By letter calls by initials');
  expect((await api.call(getRota, { params: { id } })).people).toBe(1);
  expect((await api.call(getCadence, { params: { id } })).people).toBe(1);
  await save();
  expect((await api.call(getCadence, { params: { id } })).people).toBe(13);
});

test('when the weeks grow uneven, evening out moves few, and nobody by more than two weeks', async () => {
  await save();
  const marshes: string[] = [];
  for (let i = 0; i < 4; i++) marshes.push(await add(`Abend${i}`), await add(`Quist${i}`));
  const before = new Map<string, string>();
  const { weeks } = await api.call(getRota, { params: { id } });
  const all = (await api.ctx.db.query<{ id: string }>('select id from person')).map((p) => p.id);
  for (const one of all) before.set(one, (await next(one))!);
  const { regrouped } = await api.call(getRota, { params: { id } });
  expect(regrouped!.largest).toBeLessThanOrEqual(Math.max(...weeks.map((w) => w.people)));
  if (regrouped!.people === 0) return;
  const { actionId } = await api.call(regroupRota, { params: { id } });
  const day = (on: string) => toDayNumber(plainDate(on));
  let moved = 0;
  for (const one of all) {
    const days = Math.abs(daysBetween(before.get(one)! as never, (await next(one))!));
    expect(days).toBeLessThanOrEqual(14);
    // Within their week, days may be leveled anew.
    if (weekStart(day(before.get(one)!)) !== weekStart(day((await next(one))!))) moved += 1;
  }
  expect(moved).toBeLessThanOrEqual(regrouped!.people);
  await api.call(undoAction, { params: { id: actionId } });
  for (const one of all) expect(await next(one)).toBe(before.get(one));
});

test('a letter is split in two when it is too large for a week', async () => {
  for (let i = 0; i < 12; i++) await add(i % 2 ? `Sato${i}` : `Stone${i}`);
  const trial = await api.call(tryRota, { params: { id }, body: draft() });
  expect(trial.splits).toMatchObject([{ letter: 'S', people: 12, first: 6 }]);
  const { cut } = trial.splits[0]!;
  const split = await api.call(tryRota, { params: { id }, body: draft({ cuts: { S: cut } }) });
  const names = split.weeks.flatMap(({ groups }) => groups.map(({ name }) => name));
  expect(names.filter((name) => name.startsWith('S'))).toHaveLength(2);
  expect(Math.max(...split.weeks.map(({ people }) => people))).toBeLessThan(
    Math.max(...trial.weeks.map(({ people }) => people)),
  );
});

test('this week’s letters are told, with how many of them are reached', async () => {
  await save();
  const [item] = (await api.call(getDesk)).items;
  await api.call(logTouch, {
    body: { personId: item!.personId, kind: 'call', outcome: 'reached', itemKey: item!.key },
  });
  const { rotas } = await api.call(listRotas);
  expect(rotas).toMatchObject([{ name: 'By letter', week: 1, weeks: 13, people: 1, reached: 1 }]);
  expect(weekdayOf(toDayNumber(TODAY))).toBe(1);
});

test.each([
  [
    { weeks: 12 },
    '12 weeks of 2 letters hold 24 of the 26 letters. Give it more weeks, or more letters a week.',
  ],
  [{ weeks: 0 }, 'A rota takes at least one week.'],
])('%j is refused', async (change, message) => {
  expect((await api.refusal(saveRota, { params: { id }, body: draft(change) })).message).toBe(
    message,
  );
});

test('ending it takes everybody off and is undone as one', async () => {
  await save();
  const { actionId } = await api.call(endRota, { params: { id } });
  expect(await api.call(getCadence, { params: { id } })).toMatchObject({ rota: false, people: 0 });
  await api.call(undoAction, { params: { id: actionId } });
  expect(await api.call(getCadence, { params: { id } })).toMatchObject({ rota: true, people: 13 });
});
