import {
  getCadence,
  listVersions,
  CadenceDraft,
  saveCadence,
  switchCadence,
  tryCadence,
} from '@/contract/cadences';
import {
  enrol,
  pauseEnrolments,
  previewEnrolment,
  resumeEnrolments,
  stopEnrolments,
} from '@/contract/enrolments';
import { undoAction } from '@/contract/history';
import { getPerson, listPeople } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { plainDate } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const { person, planned, enrolments, forward, keys, log, ...on } = cadencesOf(() => api);

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

  test('a call that the change lets fall from the plan is said to fall away, as the plan then has it', async () => {
    const [ana, bo] = [await person('Ana'), await person('Bo')];
    const id = await on.build([beat(0), beat(10), beat(20)], { rounds: 1, gapDays: 0 });
    await on.enrol(id, [ana, bo], TODAY);
    const { version, ...rest } = await api.call(getCadence, { params: { id } });
    const draft = CadenceDraft.parse(rest);
    // The second comes to the day after the third, which overtakes nothing; the first two nearly meet.
    const [first, second, third] = draft.beats;
    draft.beats = [first!, { ...second!, timing: { on: 'after', days: 1 } }, third!];
    const { planned: told } = await api.call(tryCadence, { body: { id, draft, who: null } });
    const before = [...(await planned(ana)), ...(await planned(bo))];
    await api.call(saveCadence, { params: { id }, body: { ...draft, version } });
    const after = [...(await planned(ana)), ...(await planned(bo))];
    expect(told.gone + told.added).toBeGreaterThanOrEqual(before.length - after.length);
    expect(before.length - after.length).toBe(told.gone - told.added);
    expect(told.goneFirst.map(({ name }) => name).sort()).toEqual(
      told.gone > 0 ? ['Ana', 'Bo'] : [],
    );
  });

  test('what it moves of others is told as the plan then has it', async () => {
    await api.call(saveSettings, { body: { capacity: 1 } });
    const others: string[] = [];
    for (const name of ['Bo', 'Cy', 'Di', 'Ed']) others.push(await person(name));
    await on.enrol(await on.build([beat(9)], { name: 'Others', rounds: 1 }), others, TODAY);
    const ana = await person('Ana', { promiseDays: 14 });
    const id = await on.build([beat(30)], { rounds: 1 });
    await on.enrol(id, [ana], TODAY);
    const days = async () => (await Promise.all(others.map(planned))).map(([first]) => first);
    const before = await days();
    const { version, ...rest } = await api.call(getCadence, { params: { id } });
    const draft = CadenceDraft.parse(rest);
    draft.beats = [5, 9, 10, 11, 12].map((n) => beat(n));
    const trial = await api.call(tryCadence, { body: { id, draft, who: null } });
    await api.call(saveCadence, { params: { id }, body: { ...draft, version } });
    const after = await days();
    const moved = before.filter((day, i) => after[i] && after[i] !== day).length;
    const gone = after.filter((day) => !day).length;
    expect(moved + gone).toBeGreaterThan(0);
    expect(trial.others).toMatchObject({ moved, gone, fromToday: 0 });
    expect(trial.others.first).toHaveLength(Math.min(5, moved + gone));
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

test('people are found by the state of their enrolment, and since when', async () => {
  const id = await on.build([beat(0)]);
  const [ana, bo, cy, di] = [
    await person('Ana'),
    await person('Bo'),
    await person('Cy'),
    await person('Di'),
  ];
  await on.enrol(id, [ana, bo, cy], TODAY);
  await on.enrol(id, [di], plainDate('2026-12-01'));
  const of = async (who: string) => (await enrolments(who))[0]!.id;
  await forward(2);
  await api.call(pauseEnrolments, { body: { ids: [await of(bo)] } });
  await api.call(stopEnrolments, { body: { ids: [await of(cy)], reason: '' } });
  const found = async (field: string, test: string, values: (string | number)[]) => {
    const rules = JSON.stringify({ match: 'all', of: [{ field, test, values }] });
    const { rows } = await api.call(listPeople, { query: { rules, sort: 'name' } });
    return rows.map(({ name }) => name);
  };
  expect(await found('cadence', 'anyOf', [id])).toEqual(['Ana', 'Bo', 'Di']);
  expect(await found('cadenceRunning', 'anyOf', [id])).toEqual(['Ana']);
  expect(await found('cadencePaused', 'anyOf', [id])).toEqual(['Bo']);
  expect(await found('cadenceStopped', 'anyOf', [id])).toEqual(['Cy']);
  expect(await found('cadenceFinished', 'filled', [])).toEqual([]);
  expect(await found('cadencePausedOn', 'on', ['2026-11-25'])).toEqual(['Bo']);
  expect(await found('cadenceStoppedOn', 'before', ['2026-11-25'])).toEqual([]);
  expect(await found('cadenceRunningOn', 'inLast', [5])).toEqual(['Ana']);
});

test('a cadence that never began has no beginning in the story', async () => {
  const ana = await person('Ana');
  const id = await on.build([beat(0)]);
  await on.enrol(id, [ana], plainDate('2026-12-01'));
  const [enrolment] = await enrolments(ana);
  await api.call(stopEnrolments, { body: { ids: [enrolment!.id], reason: 'moved' } });
  const { events, planned: next } = await api.call(getPerson, { params: { id: ana } });
  expect(events.map(({ words }) => words)).toEqual(['Taken off Quarterly before it began: moved.']);
  expect(next).toEqual([]);
});
