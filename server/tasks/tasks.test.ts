import { startTestApi, type TestApi } from '@/testing/api';
import type { Subject } from '../house';
import { SUBJECTS } from '../subjects';
import { addTask, findTask, HANDLERS, RECURRING, runDue, startTasks, type TaskHandler } from '.';
import { poller } from './runner';

let api: TestApi;
let ran: string[];
afterEach(() => api.close());

async function withHandlers(...handlers: TaskHandler[]) {
  ran = [];
  const trying: Subject = {
    name: 'trying',
    provides: handlers.map((handler) => HANDLERS(handler)),
  };
  api = await startTestApi({ subjects: [...SUBJECTS, trying] });
}
const add = (key: string, kind: string, more: object = {}) =>
  addTask(api.ctx.db, { key, kind, now: api.ctx.clock.now(), ...more });
const later = (minutes: number) => {
  const before = api.ctx.clock.nowMs.bind(api.ctx.clock);
  api.ctx.clock.nowMs = () => before() + minutes * 60_000;
};

const write: TaskHandler = {
  kind: 'write',
  async within(_, tx, { key }) {
    ran.push(key);
    await tx.query(`insert into memo (key, value) values ($1, '1')`, [key]);
    return 'Written.';
  },
};

test('the same thing exists once and is done once', async () => {
  await withHandlers(write);
  expect(await add('one', 'write')).toBe(true);
  expect(await add('one', 'write')).toBe(false);
  await runDue(api.ctx);
  await runDue(api.ctx);
  expect(ran).toEqual(['one']);
  expect(await findTask(api.ctx.db, 'one')).toMatchObject({ state: 'done', outcome: 'Written.' });
});

test('one that throws stops nobody else, is tried ever later, then given up in words', async () => {
  await withHandlers(write, {
    kind: 'bad',
    maxFailures: 3,
    run: async ({ clock }) => {
      ran.push(`bad ${Math.round((clock.nowMs() - began) / 60_000)}`);
      throw new Error('the roof is off');
    },
  });
  const began = api.ctx.clock.nowMs();
  await add('bad', 'bad');
  await add('good', 'write');
  await runDue(api.ctx);
  expect(ran).toEqual(['bad 0', 'good']);
  expect(await findTask(api.ctx.db, 'bad')).toMatchObject({
    state: 'ready',
    failures: 1,
    outcome: 'It went wrong: the roof is off',
  });
  for (let minute = 0; minute < 12; minute++) {
    later(1);
    await runDue(api.ctx);
  }
  // A minute later, then four.
  expect(ran).toEqual(['bad 0', 'good', 'bad 1', 'bad 5']);
  expect(await findTask(api.ctx.db, 'bad')).toMatchObject({ state: 'failed', failures: 3 });
});

test('what is written within a task that fails is not written', async () => {
  await withHandlers({
    kind: 'half',
    async within(_, tx) {
      await tx.query(`insert into memo (key, value) values ('half', '1')`);
      throw new Error('no');
    },
  });
  await add('half', 'half');
  await runDue(api.ctx);
  expect(await api.ctx.db.query(`select 1 from memo where key = 'half'`)).toEqual([]);
});

test('two runners at once do each task once', async () => {
  await withHandlers(write);
  for (let i = 0; i < 30; i++) await add(`t${i}`, 'write');
  await Promise.all([runDue(api.ctx), runDue(api.ctx), runDue(api.ctx)]);
  expect(ran.toSorted()).toEqual(Array.from({ length: 30 }, (_, i) => `t${i}`).sort());
});

test('one that was left running is run again when its lease is over, and given up when it never ends', async () => {
  await withHandlers({ ...write, maxFailures: 2 } as TaskHandler);
  await add('lost', 'write');
  const kill = (failures: number) =>
    api.ctx.db.query(
      `update task set state = 'running', failures = $1::int, lease_until = $2::timestamptz where key = 'lost'`,
      [failures, new Date(api.ctx.clock.nowMs() + 60_000).toISOString()],
    );
  await kill(0);
  await runDue(api.ctx);
  expect(ran).toEqual([]);
  later(2);
  await runDue(api.ctx);
  expect(ran).toEqual(['lost']);
  await kill(1);
  later(2);
  await runDue(api.ctx);
  expect(ran).toEqual(['lost']);
  expect(await findTask(api.ctx.db, 'lost')).toMatchObject({
    state: 'failed',
    outcome: 'It never finished: Pen Pal stopped each time.',
  });
});

test('a task of a kind that nobody handles waits, and says so', async () => {
  await withHandlers();
  await add('old', 'from another time');
  const { stop } = await startTasks(api.ctx);
  await stop();
  expect(await findTask(api.ctx.db, 'old')).toMatchObject({
    state: 'ready',
    runs: 0,
    outcome:
      'This Pen Pal does not know how to do “from another time”. It waits for one that does.',
  });
});

test('waits follow failures in a row, not runs: ten good runs, one failure, and it is back in a minute', async () => {
  let fails = false;
  await withHandlers({
    kind: 'poll',
    run: async () => {
      ran.push('poll');
      if (fails) throw new Error('no answer');
      return { state: 'again', outcome: 'Nothing new.', waitMs: 60_000 };
    },
  });
  await add('poll', 'poll');
  for (let run = 0; run < 30; run++) {
    await runDue(api.ctx);
    later(1);
  }
  fails = true;
  await runDue(api.ctx);
  const { state, failures, run_at } = (await findTask(api.ctx.db, 'poll'))!;
  expect({ state, failures }).toEqual({ state: 'ready', failures: 1 });
  expect(Date.parse(run_at) - api.ctx.clock.nowMs()).toBeLessThanOrEqual(60_000);
  fails = false;
  later(1);
  await runDue(api.ctx);
  expect(await findTask(api.ctx.db, 'poll')).toMatchObject({ state: 'ready', failures: 0 });
  expect(ran).toHaveLength(32);
});

test('one that never gives up fails for weeks and still runs once an hour', async () => {
  await withHandlers({
    kind: 'stubborn',
    maxFailures: null,
    run: async () => {
      ran.push('stubborn');
      throw new Error('no answer');
    },
  });
  await add('stubborn', 'stubborn');
  for (let hour = 0; hour < 40; hour++) {
    await runDue(api.ctx);
    later(60);
  }
  expect(ran).toHaveLength(40);
  expect(await findTask(api.ctx.db, 'stubborn')).toMatchObject({ state: 'ready', failures: 40 });
});

test('added again while it runs, it runs once more with what it was given last', async () => {
  const seen: unknown[] = [];
  await withHandlers({
    kind: 'sweep',
    payload: (stored) => stored,
    run: async (_, { payload }) => {
      seen.push(payload);
      if (seen.length === 1) {
        expect(await add('sweep', 'sweep', { payload: { n: 2 } })).toBe(false);
        expect(await add('sweep', 'sweep', { payload: { n: 3 }, again: true })).toBe(true);
      }
      return { state: 'done', outcome: 'Swept.' };
    },
  });
  await add('sweep', 'sweep', { payload: { n: 1 } });
  await runDue(api.ctx);
  expect(seen).toEqual([{ n: 1 }, { n: 3 }]);
  expect(await findTask(api.ctx.db, 'sweep')).toMatchObject({ state: 'done', runs: 1 });
});

test('a run that takes long does not swallow what follows writes', async () => {
  let rounds = 0;
  let [release, held] = [() => {}, Promise.resolve()];
  ran = [];
  const trying: Subject = {
    name: 'trying',
    provides: [
      HANDLERS({
        kind: 'long',
        run: async () => {
          await held;
          return { state: 'done', outcome: 'Done.' };
        },
      }),
      RECURRING({ name: 'after writes', afterWrites: true, run: async () => `${++rounds}` }),
    ],
  };
  api = await startTestApi({ subjects: [...SUBJECTS, trying] });
  let minute = 0;
  const poll = poller(api.ctx, () => minute * 60_000);
  await poll();
  expect(rounds).toBe(1);
  held = new Promise((done) => (release = done));
  await add('long', 'long');
  minute = 10;
  const long = poll();
  api.ctx.writes.markStale('everybody');
  // The looks of the quarter hour and after find one under way.
  for (minute = 14; minute < 18; minute++) void poll();
  release();
  await long;
  await poll();
  expect(rounds).toBe(2);
  // Nothing was written since.
  minute = 60;
  await poll();
  expect(rounds).toBe(2);
});

test('once Pen Pal is stopping, nothing new is begun', async () => {
  await withHandlers({
    kind: 'stops',
    run: async (ctx, { key }) => {
      ran.push(key);
      void ctx.background.stop();
      return { state: 'done', outcome: 'Done.' };
    },
  });
  await add('a', 'stops');
  await add('b', 'stops');
  await runDue(api.ctx);
  expect(ran).toEqual(['a']);
  expect(await findTask(api.ctx.db, 'b')).toMatchObject({ state: 'ready', runs: 0 });
});
