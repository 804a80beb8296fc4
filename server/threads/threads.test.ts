import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { build } from 'esbuild';

import { NOBODY } from '@/core/people';
import { traitsOf, type Known } from '@/core/same';
import { plainDate } from '@/core/time';

import { Busy, inPlace, inThreads, Stopped, type Threads } from '.';

let dir: string;
let threads: Threads;
beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'penpal-threads-'));
  // As the product's script is built.
  const outfile = join(dir, 'worker.mjs');
  await build({
    entryPoints: ['server/threads/worker.ts'],
    bundle: true,
    format: 'esm',
    platform: 'node',
    banner: {
      js: `import { createRequire as requireFrom } from 'node:module'; const require = requireFrom('/');`,
    },
    outfile,
  });
  threads = inThreads(outfile);
});
afterAll(() => rm(dir, { recursive: true, force: true }));

/** Every second one is the one before again. */
const people: Known[] = Array.from({ length: 1_300 }, (_, i) => ({
  id: `p${i}`,
  traits: traitsOf({
    ...NOBODY,
    givenName: 'Ana',
    familyName: `Lind${i >> 1}`,
    emails: [{ value: `a${i >> 1}@example.com`, label: '' }],
  }),
}));

test('long lists cross in parts, and the answer is the same as without a thread', async () => {
  const plain = await inPlace.run('findSame', { people });
  expect(plain.length).toBeGreaterThanOrEqual(650);
  const [one, other] = await Promise.all([
    threads.run('findSame', { people }),
    threads.run('findSame', { people: people.slice(0, 600) }),
  ]);
  expect(one).toEqual(plain);
  expect(other.length).toBeGreaterThanOrEqual(300);
  // Once more, in the thread that was left idle.
  expect(await threads.run('findSame', { people })).toEqual(plain);
});

test('a job that is stopped or fails says so, and the next one is done all the same', async () => {
  const stop = new AbortController();
  const stopped = threads.run('findSame', { people }, { signal: stop.signal });
  stop.abort();
  await expect(stopped).rejects.toThrow(Stopped);
  await expect(
    threads.run('findSame', { people }, { signal: AbortSignal.abort() }),
  ).rejects.toThrow(Stopped);
  await expect(threads.run('findSame', { people: null as never })).rejects.toThrow(/null/);
  expect(await threads.run('findSame', { people: people.slice(0, 2) })).toHaveLength(1);
});

test('a few jobs run at once, the others wait in their order; whoever is stopped waits no more', async () => {
  const script = join(dir, 'slow.mjs');
  await writeFile(
    script,
    `import { parentPort } from 'node:worker_threads';
     parentPort.on('message', () => setTimeout(() => parentPort.postMessage({ output: { rest: { value: [] }, lists: [] } }), 200));`,
  );
  const slow = inThreads(script);
  const done: number[] = [];
  const run = (n: number, signal?: AbortSignal) =>
    slow.run('findSame', { people: [] }, signal && { signal }).then(() => done.push(n));
  const stop = new AbortController();
  const jobs = [1, 2, 3].map((n) => run(n));
  const stopped = run(4, stop.signal);
  const last = run(5);
  stop.abort();
  await expect(stopped).rejects.toThrow(Stopped);
  expect(done).toEqual([]);
  await Promise.all([...jobs, last]);
  // The third begins when one of the first two is done, the last when another is: threads start in their time.
  expect([...done].sort()).toEqual([1, 2, 3, 5]);
  expect(done.indexOf(3)).toBeGreaterThanOrEqual(1);
  expect(done.indexOf(5)).toBeGreaterThanOrEqual(2);
});

test('more than can wait are refused, and what takes too long is ended', async () => {
  const script = join(dir, 'endless.mjs');
  await writeFile(
    script,
    `import { parentPort } from 'node:worker_threads'; parentPort.on('message', () => {});`,
  );
  const endless = inThreads(script, 300);
  const stops = Array.from({ length: 203 }, () => new AbortController());
  const jobs = stops.map(({ signal }) =>
    endless.run('findSame', { people: [] }, { signal }).catch((error: Error) => error),
  );
  expect(await jobs[202]).toBeInstanceOf(Busy);
  for (const stop of stops.slice(2)) stop.abort();
  expect(await jobs[1]).toBeInstanceOf(Busy);
  expect((await Promise.all(jobs.slice(2, 202))).every((one) => one instanceof Stopped)).toBe(true);
  // Its place is free again.
  const again = endless.run('findSame', { people: [] }, { signal: AbortSignal.timeout(50) });
  await expect(again).rejects.toThrow();
});

test('what is not given crosses as well', async () => {
  const rows = Array.from({ length: 600 }, (_, i) => `Given${i},p${i}@example.com`);
  const file = {
    bytes: Buffer.from(['First name,E-mail', ...rows].join('\n')),
    pasted: false,
    mapping: null,
    own: [],
    today: plainDate('2026-11-23'),
    present: [],
    further: undefined,
  };
  const plain = await inPlace.run('readFile', file);
  expect(plain).toMatchObject({ ok: true, pairs: [] });
  expect(await threads.run('readFile', file)).toEqual(plain);
});

test('a thread that dies is not waited for, neither by its job nor by the next one', async () => {
  const script = join(dir, 'dying.mjs');
  await writeFile(
    script,
    `import { parentPort } from 'node:worker_threads'; parentPort.on('message', () => process.exit(1));`,
  );
  const dying = inThreads(script);
  for (let i = 0; i < 2; i++)
    await expect(dying.run('findSame', { people })).rejects.toThrow(
      'The computation ended without an answer.',
    );
});
