import { spawn } from 'node:child_process';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { call } from '@/contract/call';
import { runImport } from '@/contract/imports';
import { health } from '@/contract/settings';

// The product as a user has it: started by its own command, filled through its API, never helped by
// hand. Only after it was ended are its files opened here, for the plain way to the same rows.

export const TODAY = '2026-11-23';
const GIVEN = ['Ana', 'Bo', 'Cyra', 'Dana', 'Emil', 'Fay', 'Goran', 'Hana', 'Ivo', 'Juna'];
const ENDINGS = [
  'marsh',
  'wick',
  'holm',
  'berg',
  'field',
  'dahl',
  'quist',
  'moor',
  'strand',
  'beck',
];
const STARTS = ['Al', 'Ber', 'Cor', 'Dun', 'El', 'Far', 'Gil', 'Hor', 'In', 'Kel', 'Lin', 'Mor'];
export const familyOf = (i: number) =>
  `${STARTS[i % 12]}${ENDINGS[Math.floor(i / 12) % 10]}${i % 977}`;

const HEADER =
  'First name,Last name,E-mail,Phone,Street and number,Circle,Tags,Note,Last touch,Birthday';
const CIRCLES = ['Inner', 'Close', 'Wider', 'Outer'];
export const dayBefore = (days: number) =>
  new Date(Date.parse(TODAY) - days * 86_400_000).toISOString().slice(0, 10);

/** Of every second one. */
const HALF = (i: number) => (i % 2 === 0 ? dayBefore(i % 200) : '');

/** Every fifth birthday is known. */
const FIFTH = (i: number) => i % 5 === 0;

/** A list as people bring it: names, ways to reach them, circles, tags, notes, last touches. */
const listOf = (
  people: number,
  lastTouch: (i: number) => string,
  isBirthdayKnown: (i: number) => boolean,
): string =>
  [
    HEADER,
    ...Array.from({ length: people }, (_, i) =>
      [
        GIVEN[i % 10],
        familyOf(i),
        `p${i}@example.com`,
        `555-01${String(i % 100).padStart(2, '0')}`,
        `${i} Lantern Row`,
        CIRCLES[i % 4],
        i % 3 === 0 ? 'garden' : 'boat',
        i % 4 === 0 ? `Kitchen half done and boat ${i}` : '',
        lastTouch(i),
        isBirthdayKnown(i) ? `19${60 + (i % 40)}-0${1 + (i % 9)}-1${i % 9}` : '',
      ].join(','),
    ),
  ].join('\n');

interface Product {
  base: string;
  /** The most memory that it has taken so far. */
  mostMemoryMb(): Promise<number>;
  end(): Promise<void>;
}

/** Starts it as `npm start` does. */
export async function startProduct(dataDir: string): Promise<Product> {
  const args = ['scripts/start.mjs', '--data', dataDir, '--port', '0', '--today', TODAY];
  const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'inherit'] });
  const gone = new Promise((done) => child.once('exit', done));
  const base = await new Promise<string>((done, fail) => {
    let said = '';
    child.stdout.on('data', (part: Buffer) => {
      said += part.toString();
      const match = /ready at (\S+)/.exec(said);
      if (match) done(match[1]!);
    });
    void gone.then(() => fail(new Error(`It ended: ${said}`)));
  });
  return {
    base,
    mostMemoryMb: () => mostMemoryMb(child.pid!),
    end: async () => {
      child.kill('SIGTERM');
      await gone;
    },
  };
}

/** The peak of the resident memory of the process that the command started (Linux: proc(5), VmHWM). */
async function mostMemoryMb(pid: number): Promise<number> {
  const own = (await readFile(`/proc/${pid}/task/${pid}/children`, 'utf8')).trim().split(' ')[0];
  const status = await readFile(`/proc/${own}/status`, 'utf8');
  return Number(/VmHWM:\s+(\d+) kB/.exec(status)![1]) / 1_024;
}

export const fileOf = (people: number, lastTouch = HALF, isBirthdayKnown = FIFTH) => ({
  fileName: 'list.csv',
  content: Buffer.from(listOf(people, lastTouch, isBirthdayKnown)).toString('base64'),
  mapping: null,
  circleId: null,
  tag: null,
  same: 'add' as const,
});

export const bring = (base: string, people: number) =>
  call(runImport, { body: fileOf(people) }, { base });

export async function timed(work: () => Promise<unknown>): Promise<number> {
  const started = performance.now();
  await work();
  return performance.now() - started;
}

/** Until what it does at its start is done: the first tasks, and what is compiled when it is first used. */
export async function settled(base: string): Promise<void> {
  for (let quiet = 0; quiet < 20;) {
    await new Promise((done) => setTimeout(done, 50));
    quiet = (await timed(() => call(health, {}, { base }))) < 30 ? quiet + 1 : 0;
  }
}

/** Somewhere that is gone afterwards. */
export async function inDirectory(work: (dir: string) => Promise<void>): Promise<void> {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-bench-'));
  try {
    await work(dir);
  } finally {
    await rm(dir, { recursive: true, force: true });
  }
}
