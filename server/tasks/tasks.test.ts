import { startTestApi, type TestApi } from '@/testing/api';
import type { Subject } from '../house';
import { SUBJECTS } from '../subjects';
import { addTask, findTask, HANDLERS, keepRunning, runDue, type TaskHandler } from '.';

let api: TestApi;
let ran: string[];
afterEach(() => api.close());

async function withHandlers(...handlers: TaskHandler[]) {
  ran = [];
  const trying: Subject = { name: 'trying', gives: handlers.map((handler) => HANDLERS(handler)) };
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
    most: 3,
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
    attempts: 1,
    outcome: 'It went wrong: the roof is off',
  });
  for (let minute = 0; minute < 12; minute++) {
    later(1);
    await runDue(api.ctx);
  }
  // A minute later, then four.
  expect(ran).toEqual(['bad 0', 'good', 'bad 1', 'bad 5']);
  expect(await findTask(api.ctx.db, 'bad')).toMatchObject({ state: 'failed', attempts: 3 });
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
  await withHandlers({ ...write, most: 2 } as TaskHandler);
  await add('lost', 'write');
  const kill = (attempts: number) =>
    api.ctx.db.query(
      `update task set state = 'running', attempts = $1::int, lease_until = $2::timestamptz where key = 'lost'`,
      [attempts, new Date(api.ctx.clock.nowMs() + 60_000).toISOString()],
    );
  await kill(1);
  await runDue(api.ctx);
  expect(ran).toEqual([]);
  later(2);
  await runDue(api.ctx);
  expect(ran).toEqual(['lost']);
  await kill(2);
  later(2);
  await runDue(api.ctx);
  expect(ran).toEqual(['lost']);
  expect(await findTask(api.ctx.db, 'lost')).toMatchObject({
    state: 'failed',
    outcome: 'It never came to an end: each time the program ended first.',
  });
});

test('a task of a kind that nobody handles waits, and says so', async () => {
  await withHandlers();
  await add('old', 'from another time');
  const { stop } = await keepRunning(api.ctx);
  await stop();
  expect(await findTask(api.ctx.db, 'old')).toMatchObject({
    state: 'ready',
    attempts: 0,
    outcome:
      'This Pen Pal does not know how to do “from another time”. It waits for one that does.',
  });
});
