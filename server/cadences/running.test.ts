import {
  enrol,
  getCadence,
  listEnrolments,
  listVersions,
  listWaiting,
  CadenceDraft,
  createCadence,
  type Beat,
  deleteCadence,
  pauseEnrolments,
  previewEnrolment,
  resumeEnrolments,
  saveCadence,
  switchCadence,
  tryCadence,
} from '@/contract/cadences';
import { addPerson, getPerson } from '@/contract/people';
import { moveClock, undoAction } from '@/contract/settings';
import { getDesk, logTouch } from '@/contract/touches';
import { addDays, plainDate } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const on = cadencesOf(() => api);
const person = async (givenName: string, more: object = {}) =>
  (await api.call(addPerson, { body: { givenName, phone: '555-0101', ...more } })).id;
const planned = async (id: string) =>
  (await api.call(getPerson, { params: { id } })).planned.map(({ day, kind }) => `${day} ${kind}`);
const enrolments = async (id: string) => (await api.call(getPerson, { params: { id } })).enrolments;
const forward = (days: number) => api.call(moveClock, { body: { days } });
const keys = async () => (await api.call(getDesk)).items.map(({ key }) => key);
const log = async (personId: string, itemKey?: string) =>
  api.call(logTouch, {
    body: { personId, kind: 'call', outcome: 'reached', itemKey: itemKey ?? (await keys())[0]! },
  });

describe('phased starts', () => {
  test('so many begin on each working day, and the preview says when the last does', async () => {
    const ids = [];
    for (const name of ['Ana', 'Bo', 'Cy', 'Di', 'Ed']) ids.push(await person(name));
    const cadenceId = await on.build([beat(0)]);
    const request = { cadenceId, who: { ids }, startOn: plainDate('2026-11-27'), perDay: 2 };
    const preview = await api.call(previewEnrolment, {
      body: { ...request, samplePersonId: ids[4]! },
    });
    // Friday, Monday, Tuesday: the weekend is passed over.
    expect(preview).toMatchObject({ lastStart: '2026-12-01', lackingCount: 0 });
    expect(preview.sample!.touches[0]!.on).toBe('2026-12-01');
    await api.call(enrol, { body: request });
    const starts = [];
    for (const id of ids) starts.push((await enrolments(id))[0]!.startOn);
    expect(starts).toEqual(['2026-11-27', '2026-11-27', '2026-11-30', '2026-11-30', '2026-12-01']);
  });
});

describe('who lacks what', () => {
  test('a date that a beat is planned around is named, and can be mended there', async () => {
    const ana = await person('Ana');
    const bo = await person('Bo', { birthday: '05-04' });
    const around = beat(0, 'call', '', {
      timing: { on: 'around', date: 'birthday', days: -7 },
    });
    const cadenceId = await on.build([around]);
    const body = { cadenceId, who: { ids: [ana, bo] }, startOn: TODAY, samplePersonId: bo };
    const preview = await api.call(previewEnrolment, { body });
    expect(preview.lacking).toEqual([
      { id: ana, name: 'Ana', lacks: [{ words: 'no birthday', field: 'birthday' }], touches: 1 },
    ]);
    expect(preview.sample!.touches.map(({ on: day }) => day)).toEqual([
      '2027-04-27',
      '2028-04-27',
      '2029-04-27',
    ]);
  });

  test('a date that is removed while somebody is enrolled takes its touches along, and nothing else', async () => {
    const bo = await person('Bo', { birthday: '12-20' });
    const around = beat(0, 'card', '', { timing: { on: 'around', date: 'birthday', days: 0 } });
    const cadenceId = await on.build([beat(3), around]);
    await on.enrol(cadenceId, [bo], TODAY);
    expect((await planned(bo)).slice(0, 2)).toEqual(['2026-11-26 call', '2026-12-21 card']);
    await api.ctx.db.query('update person set birthday = null where id = $1::uuid', [bo]);
    await forward(1);
    expect(await planned(bo)).toEqual(['2026-11-26 call']);
  });
});

describe('pausing', () => {
  test('nothing is planned meanwhile; carried on, all of it comes later by the pause', async () => {
    const ana = await person('Ana');
    await on.enrol(await on.build([beat(0), beat(20), beat(40)]), [ana], TODAY);
    await log(ana);
    await forward(10);
    const { id } = (await enrolments(ana))[0]!;
    await api.call(pauseEnrolments, { body: { ids: [id] } });
    expect(await planned(ana)).toEqual([]);
    expect((await enrolments(ana))[0]!.state).toBe('paused');
    await forward(30);
    await api.call(resumeEnrolments, { body: { ids: [id], mode: 'carry_on' } });
    expect((await planned(ana)).slice(0, 2)).toEqual(['2027-01-12 call', '2027-02-01 call']);
  });

  test('caught up, the days stay and what was missed is passed over', async () => {
    const ana = await person('Ana');
    await on.enrol(await on.build([beat(0), beat(20), beat(45)]), [ana], TODAY);
    await log(ana);
    const { id } = (await enrolments(ana))[0]!;
    await api.call(pauseEnrolments, { body: { ids: [id] } });
    await forward(30);
    const { actionId } = await api.call(resumeEnrolments, {
      body: { ids: [id], mode: 'catch_up' },
    });
    expect((await planned(ana))[0]).toBe('2027-01-07 call');
    await api.call(undoAction, { params: { id: actionId } });
    expect((await enrolments(ana))[0]!.state).toBe('paused');
    expect(await api.refusal(pauseEnrolments, { body: { ids: [id] } })).toMatchObject({
      code: 'conflict',
    });
  });

  test('days of the calendar can’t be carried on, and that is said', async () => {
    const ana = await person('Ana');
    const yearly = beat(0, 'call', '', { timing: { on: 'date', month: 12, day: 20 } });
    await on.enrol(await on.build([yearly], { name: 'Year' }), [ana], TODAY);
    const ids = [(await enrolments(ana))[0]!.id];
    await api.call(pauseEnrolments, { body: { ids } });
    expect(await api.refusal(resumeEnrolments, { body: { ids, mode: 'carry_on' } })).toMatchObject({
      message:
        'Year goes by days of the calendar, which don’t move. Catch up instead: it goes on with the next one.',
    });
  });
});

describe('changing a running cadence', () => {
  test('what moves for how many is told first; saving keeps the version before', async () => {
    const [ana, bo] = [await person('Ana'), await person('Bo')];
    const id = await on.build([beat(0), beat(30)]);
    await on.enrol(id, [ana, bo], TODAY);
    await log(ana);
    const { version, ...rest } = await api.call(getCadence, { params: { id } });
    const draft = CadenceDraft.parse(rest);
    const [first, second] = draft.beats as [(typeof draft.beats)[0], (typeof draft.beats)[0]];
    const changed = {
      ...draft,
      beats: [first, { ...second, timing: { on: 'after' as const, days: 50 } }],
    };
    const trial = await api.call(tryCadence, { body: { id, draft: changed, who: null } });
    expect(trial.changed).toMatchObject({ people: 2, added: 0, turned: 0 });
    expect(trial.changed.examples[0]!.changes[0]).toEqual({
      kind: 'call',
      from: '2026-12-23',
      to: '2027-01-12',
    });
    await api.call(saveCadence, { params: { id }, body: { ...changed, version } });
    expect((await planned(ana))[0]).toBe('2027-01-12 call');
    const { versions } = await api.call(listVersions, { params: { id } });
    expect(versions).toMatchObject([
      { version: 1, draft: { beats: [{}, { timing: { days: 30 } }] } },
    ]);
  });

  test('a beat made and then moved to a later day is not asked for again', async () => {
    const ana = await person('Ana');
    const id = await on.build([beat(0), beat(40)], { rounds: 1, gapDays: 0 });
    await on.enrol(id, [ana], TODAY);
    await log(ana);
    const { version, ...rest } = await api.call(getCadence, { params: { id } });
    const draft = CadenceDraft.parse(rest);
    draft.beats[0]!.timing = { on: 'after', days: 20 };
    const trial = await api.call(tryCadence, { body: { id, draft, who: null } });
    expect(trial.changed.people).toBe(0);
    await api.call(saveCadence, { params: { id }, body: { ...draft, version } });
    expect(await planned(ana)).toEqual(['2027-01-04 call']);
  });

  test('a draft shows the load it would add for the people meant, and writes nothing', async () => {
    const ids = [await person('Ana'), await person('Bo')];
    const draft = CadenceDraft.parse({ name: 'New', rounds: null, gapDays: 7, beats: [beat(0)] });
    const trial = await api.call(tryCadence, { body: { id: null, draft, who: { ids } } });
    expect(trial).toMatchObject({ running: 0, joining: 2, changed: { people: 0 } });
    expect(trial.load.slice(0, 3).map(({ before, after }) => [before, after])).toEqual([
      [0, 2],
      [0, 2],
      [0, 2],
    ]);
    expect(await keys()).toEqual([]);
  });

  test('switched off it plans nothing, switched on again it goes on', async () => {
    const ana = await person('Ana');
    const id = await on.build([beat(0), beat(14)]);
    await on.enrol(id, [ana], TODAY);
    await api.call(switchCadence, { params: { id }, body: { active: false } });
    expect(await planned(ana)).toEqual([]);
    await api.call(switchCadence, { params: { id }, body: { active: true } });
    expect((await planned(ana))[0]).toBe('2026-11-23 call');
  });
});

describe('what a new day does', () => {
  test('a beat that the next one overtook is let go, and the story says why', async () => {
    const ana = await person('Ana');
    await on.enrol(await on.build([beat(0), beat(10)]), [ana], TODAY);
    await forward(11);
    const { events } = await api.call(getPerson, { params: { id: ana } });
    expect(events).toContainEqual(
      expect.objectContaining({
        on: TODAY,
        words:
          'Let go of a touch of Quarterly: the next one came due first, or its day had passed.',
      }),
    );
    expect((await planned(ana))[0]).toBe('2026-12-04 call');
    await forward(3);
    expect(await keys()).toHaveLength(1);
  });

  test('the last beat made ends the cadence, hands over, and is undone as one', async () => {
    const ana = await person('Ana');
    const next = await on.build([beat(0, 'text')], { name: 'Next' });
    const id = await on.build([beat(0)], {
      name: 'First',
      rounds: 1,
      gapDays: 0,
      handOver: { cadenceId: next, waitDays: 30 },
    });
    await on.enrol(id, [ana], TODAY);
    const { actionId } = await log(ana);
    expect(await enrolments(ana)).toMatchObject([
      { cadence: 'Next', state: 'waiting', startOn: '2026-12-23' },
      { cadence: 'First', state: 'finished' },
    ]);
    expect((await planned(ana))[0]).toBe('2026-12-23 text');
    await api.call(undoAction, { params: { id: actionId } });
    expect(await enrolments(ana)).toMatchObject([{ cadence: 'First', state: 'running' }]);
  });

  test('a round that follows on is counted from the day really done', async () => {
    const ana = await person('Ana');
    const id = await on.build([beat(0), beat(10)], { gapDays: 20, followOn: true });
    await on.enrol(id, [ana], TODAY);
    await log(ana);
    await forward(17);
    await log(ana);
    expect((await planned(ana))[0]).toBe('2026-12-30 call');
  });

  test('so it is when the last beat is logged a few days after it was made', async () => {
    const ana = await person('Ana');
    const id = await on.build([beat(0)], { gapDays: 20, followOn: true });
    await on.enrol(id, [ana], TODAY);
    await forward(4);
    const [itemKey] = await keys();
    await api.call(logTouch, {
      body: {
        personId: ana,
        kind: 'call',
        outcome: 'reached',
        itemKey: itemKey!,
        on: addDays(TODAY, 1),
      },
    });
    // Twenty days after Tuesday 24 November.
    expect((await planned(ana))[0]).toBe('2026-12-14 call');
  });

  test('what goes out by itself waits for sending, asks for no hand, and lets the cadence end', async () => {
    const ana = await person('Ana', { email: 'ana@example.com' });
    const id = await on.build(
      [beat(0), beat(2, 'email', 'Hello {{ first_name }}', { way: 'itself' })],
      {
        rounds: 1,
        gapDays: 0,
      },
    );
    await on.enrol(id, [ana], TODAY);
    await log(ana);
    await forward(2);
    expect(await keys()).toEqual([]);
    const { total, items } = await api.call(listWaiting);
    expect([total, items]).toMatchObject([1, [{ name: 'Ana', kind: 'email', on: '2026-11-25' }]]);
    expect((await enrolments(ana))[0]!.state).toBe('finished');
    await forward(1);
    expect((await api.call(listWaiting)).total).toBe(1);
  });

  test('a day of the year that passed unmade comes again next year, never late', async () => {
    const ana = await person('Ana');
    const yearly = beat(0, 'call', '', { timing: { on: 'date', month: 12, day: 1 } });
    const id = await on.build([yearly]);
    await on.enrol(id, [ana], TODAY);
    await forward(20);
    expect(await keys()).toEqual([]);
    const { people } = await api.call(listEnrolments, { params: { id } });
    expect(people).toMatchObject([{ name: 'Ana', state: 'running', next: null }]);
    await forward(366 - 13);
    expect((await planned(ana))[0]).toBe(`${addDays(TODAY, 373)} call`);
  });
});

test('moving the day forward brings what the preview said, day by day, for mixed timings', async () => {
  const ana = await person('Ana', { birthday: '12-17' });
  const timed = (timing: Beat['timing'], kind: Beat['kind']) => beat(0, kind, '', { timing });
  const cadenceId = await on.build([
    timed({ on: 'after', days: 1 }, 'call'),
    timed({ on: 'date', month: 12, day: 8 }, 'text'),
    timed({ on: 'weekday', month: 1, nth: 2, weekday: 4 }, 'social'),
    timed({ on: 'around', date: 'birthday', days: -3 }, 'card'),
  ]);
  const request = { cadenceId, who: { ids: [ana] }, startOn: TODAY };
  const { sample } = await api.call(previewEnrolment, {
    body: { ...request, samplePersonId: ana },
  });
  const said = sample!.touches.slice(0, 4).map(({ on: day, kind }) => `${day} ${kind}`);
  expect(said).toEqual([
    '2026-11-24 call',
    '2026-12-08 text',
    '2026-12-14 card',
    '2027-01-14 social',
  ]);
  await api.call(enrol, { body: request });
  const done: string[] = [];
  for (let day = 0; day < 60; day++) {
    for (const item of (await api.call(getDesk)).items) {
      done.push(`${addDays(TODAY, day)} ${item.kind}`);
      const outcome = { call: 'reached', social: 'done' }[item.kind as string] ?? 'sent';
      await api.call(logTouch, {
        body: {
          personId: ana,
          kind: item.kind,
          outcome: outcome as 'reached',
          itemKey: item.key,
        },
      });
    }
    await forward(1);
  }
  expect(done).toEqual(said);
}, 60_000);

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

  test('a call that goes out by itself, and 31 February', async () => {
    const itself = beat(0, 'call', '', { way: 'itself' });
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
