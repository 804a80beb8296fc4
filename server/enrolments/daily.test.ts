import { type Beat } from '@/contract/cadences';
import { enrol, listEnrolments, previewEnrolment } from '@/contract/enrolments';
import { listOutbox } from '@/contract/messages';
import { getPerson } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { saveSettings } from '@/contract/settings';
import { getDesk, logTouch } from '@/contract/touches';
import { addDays, plainDate } from '@/core/time';
import { runDue } from '@/server/tasks';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');

const YES = { email: { answer: 'yes' as const, on: '2026-11-01', cameFrom: 'the fair' } };

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const { person, planned, enrolments, forward, keys, log, ...on } = cadencesOf(() => api);

/** What should have gone by itself, by name, with what keeps it: nothing takes it yet. */
const out = async () =>
  (await api.call(listOutbox)).waiting
    .map(({ name, on: day, why }) => `${name} ${day}: ${why}`)
    .sort();
const NO_SERVER = 'No mail server is set up.';

describe('what a new day does', () => {
  test('a beat that the next one overtook is let go, and the story says why', async () => {
    const ana = await person('Ana');
    await on.enrol(await on.build([beat(0), beat(10)]), [ana], TODAY);
    await forward(11);
    const { events } = await api.call(getPerson, { params: { id: ana } });
    expect(events).toContainEqual(
      expect.objectContaining({
        on: TODAY,
        words: 'Let go of a touch of Quarterly: the next one came due first.',
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

  test('the wait before a hand-over is counted from the day of the last beat, not of its logging', async () => {
    const ana = await person('Ana');
    const next = await on.build([beat(0, 'text')], { name: 'Next' });
    const handOver = { cadenceId: next, waitDays: 30 };
    const id = await on.build([beat(0)], { name: 'First', rounds: 1, gapDays: 0, handOver });
    await on.enrol(id, [ana], TODAY);
    const [itemKey] = await keys();
    await forward(4);
    const body = { personId: ana, kind: 'call', outcome: 'reached', on: TODAY } as const;
    await api.call(logTouch, { body: { ...body, itemKey: itemKey! } });
    expect(await enrolments(ana)).toMatchObject([{ startOn: '2026-12-23' }, {}]);
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
    const ana = await person('Ana', { email: 'ana@example.com', consent: YES });
    const id = await on.build(
      [beat(0), beat(2, 'email', 'Hello {{ first_name }}', { way: 'auto' })],
      {
        rounds: 1,
        gapDays: 0,
      },
    );
    await on.enrol(id, [ana], TODAY);
    await log(ana);
    await forward(2);
    expect(await keys()).toEqual([]);
    expect(await out()).toEqual([`Ana 2026-11-25: ${NO_SERVER}`]);
    expect((await enrolments(ana))[0]!.state).toBe('finished');
    await forward(1);
    expect(await out()).toHaveLength(1);
  });

  test('what goes by itself on the first day goes with the next round, whatever was made by hand', async () => {
    const ana = await person('Ana', { email: 'ana@example.com', consent: YES });
    const id = await on.build([beat(0), beat(0, 'email', 'Hello', { way: 'auto' })], {
      rounds: 1,
      gapDays: 0,
    });
    await on.enrol(id, [ana], TODAY);
    await log(ana);
    expect((await enrolments(ana))[0]!.state).toBe('running');
    await forward(1);
    expect(await out()).toHaveLength(1);
    expect((await enrolments(ana))[0]!.state).toBe('finished');
  });

  test('what goes by itself keeps to a no, and to a yes that is missing as the owner chose', async () => {
    const answers = [
      ['Ana', YES],
      ['Bo', { email: { ...YES.email, answer: 'no' as const } }],
      ['Cy', {}],
    ] as const;
    const ids = [];
    for (const [name, consent] of answers)
      ids.push(await person(name, { email: `${name}@example.com`, consent }));
    await on.enrol(await on.build([beat(0, 'email', 'Hello', { way: 'auto' })]), ids, TODAY);
    await forward(1);
    const day = '2026-11-23';
    const [ana, no] = [`Ana ${day}: ${NO_SERVER}`, `Bo ${day}: They said no to e-mail.`];
    expect(await out()).toEqual([ana, no, `Cy ${day}: Not asked about e-mail yet.`]);
    await api.call(saveSettings, { body: { autoNeedsYes: false } });
    await runDue(api.ctx, { again: true });
    expect(await out()).toEqual([ana, no, `Cy ${day}: ${NO_SERVER}`]);
  });

  test('what could not go out for more than a week is not sent late, and the story says so', async () => {
    const ana = await person('Ana', { email: 'ana@example.com', consent: YES });
    const mail = (day: number) => beat(day, 'email', 'Hello', { way: 'auto' });
    await on.enrol(await on.build([mail(1), mail(12)]), [ana], TODAY);
    await forward(15);
    expect(await out()).toEqual([`Ana 2026-12-05: ${NO_SERVER}`]);
    const { events } = await api.call(getPerson, { params: { id: ana } });
    expect(events.map(({ words }) => words)).toContain(
      'Not sent by itself: a touch of Quarterly. Its day had passed when Pen Pal was opened again.',
    );
  });

  test('many at once: each has theirs soon after enrolling, and one for whom it fails keeps nobody', async () => {
    const ids = [];
    for (let n = 0; n < 130; n++)
      ids.push(await person(`P${n}`, { email: `p${n}@example.com`, consent: YES }));
    // What is written for one of them breaks; the others are in the same transaction at first.
    await api.ctx.db.query(
      `create function break_one() returns trigger language plpgsql as $$ begin
         if new.person_id = '${ids[17]}' then raise exception 'broken'; end if; return new; end $$`,
    );
    await api.ctx.db.query(
      'create trigger break_one before insert on delivery for each row execute function break_one()',
    );
    const cadenceId = await on.build([beat(0, 'email', 'Hello {{ first_name }}', { way: 'auto' })]);
    await on.enrol(cadenceId, ids, TODAY);
    // No round was asked for: enrolling itself asks for one.
    await runDue(api.ctx);
    expect((await api.call(listOutbox)).waitingTotal).toBe(129);
    await api.ctx.db.query('drop trigger break_one on delivery');
    await forward(1);
    expect((await api.call(listOutbox)).waitingTotal).toBe(130);
  });

  test('a beat begins another cadence while its own goes on, once a round, however late', async () => {
    const ana = await person('Ana');
    const other = await on.build([beat(0, 'card')], { name: 'Cards', rounds: 1, gapDays: 0 });
    const begins = beat(5, 'other', '', {
      way: 'auto',
      errand: { to: 'cadence', cadenceId: other },
    });
    await on.enrol(await on.build([beat(0), begins, beat(40)]), [ana], TODAY);
    await log(ana);
    await forward(20);
    expect(await enrolments(ana)).toMatchObject([
      { cadence: 'Cards', startOn: '2026-12-13', state: 'running' },
      { cadence: 'Quarterly', state: 'running' },
    ]);
    await forward(3);
    expect(await enrolments(ana)).toHaveLength(2);
    expect((await planned(ana))[0]).toBe('2026-12-16 card');
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
