import {
  CadenceDraft,
  createCadence,
  deleteCadence,
  saveCadence,
  getCadence,
} from '@/contract/cadences';
import { enrol, previewEnrolment, stopEnrolments } from '@/contract/enrolments';
import { getPerson } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { logTouch } from '@/contract/touches';
import { plainDate } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const { person, keys, ...on } = cadencesOf(() => api);
const quarterly = () =>
  on.build([beat(0, 'call', 'Ask {{ first_name }} about the house'), beat(30, 'text')]);

describe('enrolling', () => {
  test('the preview shows dated touches, who lacks what, and the load; it writes nothing', async () => {
    const ana = await person('Ana');
    const bo = await person('Bo', { phone: '', email: 'bo@example.com' });
    const cadenceId = await quarterly();
    const body = { cadenceId, who: { ids: [ana, bo] }, startOn: TODAY, samplePersonId: ana };
    const preview = await api.call(previewEnrolment, { body });
    expect(preview).toMatchObject({
      people: 2,
      alreadyOn: 0,
      lacking: [{ name: 'Bo', lacks: [{ words: 'no phone', field: 'phone' }], touches: 2 }],
    });
    expect(preview.sample!.touches.slice(0, 3)).toMatchObject([
      { on: '2026-11-23', kind: 'call', round: 0, words: 'Ask Ana about the house' },
      { on: '2026-12-23', kind: 'text', round: 0 },
      { on: '2027-02-22', kind: 'call', round: 1 },
    ]);
    expect(preview.load[0]).toMatchObject({ before: 0, after: 2, capacity: 50 });
    expect(await keys()).toEqual([]);
  });

  test('nobody is on a cadence twice, and those left out stay out', async () => {
    const [ana, bo] = [await person('Ana'), await person('Bo')];
    const cadenceId = await quarterly();
    const body = { cadenceId, who: { ids: [ana, bo] }, startOn: TODAY };
    expect(await api.call(enrol, { body: { ...body, leaveOut: [bo] } })).toMatchObject({
      people: 1,
    });
    expect(await api.call(enrol, { body: { ...body, leaveOut: [] } })).toMatchObject({
      people: 1,
      alreadyOn: 1,
    });
    expect(await api.refusal(enrol, { body: { ...body, leaveOut: [] } })).toMatchObject({
      message: 'Nobody is left to enrol.',
    });
  });

  test('who lacks what a beat needs is left out, however many they are', async () => {
    const ana = await person('Ana');
    for (const name of ['Bo', 'Cy'])
      await person(name, { phone: '', email: `${name}@example.com` });
    const body = {
      cadenceId: await quarterly(),
      who: { filter: {} },
      startOn: TODAY,
      leaveOutLacking: true,
    };
    const preview = await api.call(previewEnrolment, { body: { ...body, samplePersonId: null } });
    expect(preview).toMatchObject({ people: 3, lackingCount: 2, candidates: [{ id: ana }] });
    expect(await api.call(enrol, { body })).toMatchObject({ people: 1 });
  });

  test('the whole enrolment is undone as one, unless something was logged on it', async () => {
    const ana = await person('Ana');
    const cadenceId = await quarterly();
    const { actionId } = await api.call(enrol, {
      body: { cadenceId, who: { ids: [ana] }, startOn: TODAY, leaveOut: [] },
    });
    const [key] = await keys();
    const log = await api.call(logTouch, {
      body: { personId: ana, kind: 'call', outcome: 'reached', itemKey: key! },
    });
    expect(await api.refusal(undoAction, { params: { id: actionId } })).toMatchObject({
      code: 'conflict',
      message: 'Something newer builds on this. Undo that first.',
    });
    await api.call(undoAction, { params: { id: log.actionId } });
    await api.call(undoAction, { params: { id: actionId } });
    expect(await keys()).toEqual([]);
  });

  test('taking somebody off ends what is planned and keeps what was made', async () => {
    const ana = await person('Ana');
    await api.call(enrol, {
      body: { cadenceId: await quarterly(), who: { ids: [ana] }, startOn: TODAY, leaveOut: [] },
    });
    const { enrolments } = await api.call(getPerson, { params: { id: ana } });
    expect(enrolments[0]).toMatchObject({ state: 'running' });
    const ids = [enrolments[0]!.id];
    await api.call(stopEnrolments, { body: { ids, reason: 'Asked to' } });
    expect((await api.call(getPerson, { params: { id: ana } })).enrolments[0]).toMatchObject({
      state: 'stopped',
    });
    expect(await keys()).toEqual([]);
    expect(await api.refusal(stopEnrolments, { body: { ids, reason: '' } })).toMatchObject({
      code: 'conflict',
    });
  });

  test.each([
    [
      { startOn: '2026-11-20' },
      'A start in the past would begin with touches already missed. Start today or later.',
    ],
    [{ startOn: '2026-02-31' }, 'There is no such day in the calendar.'],
    [{ cadenceId: '0190a000-0000-7000-8000-0000000000ff' }, 'There is no such cadence.'],
  ])('%j is refused', async (change, message) => {
    const body = {
      cadenceId: await quarterly(),
      who: { ids: [await person('Ana')] },
      startOn: TODAY,
      leaveOut: [],
      ...change,
    };
    expect((await api.refusal(enrol, { body: body as never })).message).toBe(message);
  });
});

describe('cadences that can not be run', () => {
  const draft = { name: 'Q', rounds: null, gapDays: 30, beats: [beat(0)] };
  test.each([
    [{ beats: [] }, 'A cadence needs at least one beat.'],
    [{ beats: [beat(-1)] }, 'A beat cannot lie before the first day.'],
    [{ gapDays: 0 }, 'Rounds that repeat need at least one day before they begin again.'],
    [{ rounds: 0 }, 'A cadence runs at least one round.'],
    [{ name: ' ' }, 'Give the cadence a name.'],
    [
      { beats: [beat(0, 'call', 'Dear {{ frist_name }}')] },
      'There is no field called “frist_name”.',
    ],
  ])('%j is refused', async (change, message) => {
    expect((await api.refusal(createCadence, { body: { ...draft, ...change } })).message).toBe(
      message,
    );
  });

  test('two windows on one cadence: the second save is refused', async () => {
    const id = await quarterly();
    const { version, ...rest } = await api.call(getCadence, { params: { id } });
    const saved = { ...CadenceDraft.parse(rest), version };
    await api.call(saveCadence, { params: { id }, body: { ...saved, name: 'First' } });
    expect(
      await api.refusal(saveCadence, { params: { id }, body: { ...saved, name: 'Second' } }),
    ).toMatchObject({ code: 'conflict' });
    expect((await api.call(getCadence, { params: { id } })).name).toBe('First');
  });
});

describe('what can’t be', () => {
  test('a circle of hand-overs without a wait is refused, with its path', async () => {
    const a = await on.build([beat(0)], { name: 'A', rounds: 1 });
    const b = await on.build([beat(0)], {
      name: 'B',
      rounds: 1,
      handOver: { cadenceId: a, waitDays: 0 },
    });
    const { version, ...rest } = await api.call(getCadence, { params: { id: a } });
    const draft = { ...CadenceDraft.parse(rest), version };
    const handOver = { cadenceId: b, waitDays: 0 };
    expect(
      await api.refusal(saveCadence, { params: { id: a }, body: { ...draft, handOver } }),
    ).toMatchObject({ field: 'handOver', message: expect.stringContaining('A → B → A') });
    await api.call(saveCadence, {
      params: { id: a },
      body: { ...draft, handOver: { cadenceId: b, waitDays: 90 } },
    });
  });

  test('a cadence that begins itself, and two that begin each other on the same day', async () => {
    const begins = (cadenceId: string, day = 0) =>
      beat(day, 'other', '', { way: 'auto', errand: { to: 'cadence', cadenceId } });
    const first = await on.build([beat(0)], { name: 'First' });
    const second = await on.build([begins(first)], { name: 'Second' });
    const { version, beats: _, ...draft } = await api.call(getCadence, { params: { id: first } });
    const save = (beats: ReturnType<typeof beat>[]) => ({
      params: { id: first },
      body: { ...draft, version, beats },
    });
    expect(await api.refusal(saveCadence, save([begins(first)]))).toMatchObject({
      message: 'A cadence can’t begin itself.',
    });
    expect((await api.refusal(saveCadence, save([begins(second)]))).message).toContain(
      'First → Second → First',
    );
    await api.call(saveCadence, save([begins(second, 1)]));
    expect(await api.refusal(deleteCadence, { params: { id: second } })).toMatchObject({
      message: 'First hands over to it. Let it hand over to another one first.',
    });
  });

  test('a call that goes out by itself, and 31 February', async () => {
    const itself = beat(0, 'call', '', { way: 'auto' });
    const never = beat(0, 'call', '', { timing: { on: 'date', month: 2, day: 31 } });
    const base = { name: 'X', rounds: null, gapDays: 30 };
    expect((await api.refusal(createCadence, { body: { ...base, beats: [itself] } })).message).toBe(
      'A call can’t go out by itself.',
    );
    expect((await api.refusal(createCadence, { body: { ...base, beats: [never] } })).message).toBe(
      'Beat 1 is meant for a day that does not exist: February has 29 days.',
    );
  });

  test('deleting a cadence that people were on; one that nobody was on goes', async () => {
    const id = await on.build([beat(0)]);
    await on.enrol(id, [await person('Ana')], TODAY);
    expect(await api.refusal(deleteCadence, { params: { id } })).toMatchObject({
      code: 'conflict',
    });
    const unused = await on.build([beat(0)], { name: 'Unused' });
    const { actionId } = await api.call(deleteCadence, { params: { id: unused } });
    await api.call(undoAction, { params: { id: actionId } });
    expect((await api.call(getCadence, { params: { id: unused } })).beats).toHaveLength(1);
  });

  test('a thousand beats are planned; one more is refused', async () => {
    const many = Array.from({ length: 1000 }, (_, i) => beat(i));
    const id = await on.build(many, { gapDays: 1 });
    expect((await api.call(getCadence, { params: { id } })).beats).toHaveLength(1000);
    const body = { name: 'X', rounds: null, gapDays: 1, beats: [...many, beat(0)] };
    expect((await api.refusal(createCadence, { body })).message).toBe(
      'A cadence holds at most 1,000 beats.',
    );
  });
});
