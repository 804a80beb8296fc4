import { createHash } from 'node:crypto';
import { cp, mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

import { bin, must, ROOT } from './run.mjs';

const STAMP = join(ROOT, 'dist/stamp.json');
const SERVER_ROOMS = ['server', 'core', 'contract', 'standins', 'demo'];
const WEB_ROOMS = ['app', 'client', 'core', 'contract', 'public'];
const WEB_FILES = [
  'global.css',
  'tailwind.config.js',
  'metro.config.js',
  'babel.config.js',
  'app.json',
];

async function filesBelow(dir) {
  const entries = await readdir(dir, { recursive: true, withFileTypes: true }).catch(() => []);
  return entries
    .filter((entry) => entry.isFile() && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name))
    .sort();
}

async function hashOf(rooms, files) {
  const hash = createHash('sha256');
  const below = await Promise.all(rooms.map((room) => filesBelow(join(ROOT, room))));
  for (const path of [...below.flat(), ...files.map((file) => join(ROOT, file))])
    hash.update(path.slice(ROOT.length)).update(await readFile(path));
  return hash.digest('hex');
}

async function readStamp() {
  try {
    return JSON.parse(await readFile(STAMP, 'utf8'));
  } catch {
    return {};
  }
}

/** Builds what has changed since the last build: the web application and the server. */
export async function build({ force = false } = {}) {
  const lock = ['package.json', 'package-lock.json'];
  const wanted = {
    web: await hashOf(WEB_ROOMS, [...WEB_FILES, ...lock]),
    server: await hashOf(SERVER_ROOMS, lock),
  };
  const stamp = force ? {} : await readStamp();
  if (stamp.web !== wanted.web) {
    console.log('Building the application (about two minutes the first time) …');
    await rm(join(ROOT, 'dist/web'), { recursive: true, force: true });
    const args = ['export', '--platform', 'web', '--output-dir', 'dist/web'];
    await must('Building the application', bin('expo'), args, { quiet: true });
  }
  if (stamp.server !== wanted.server) {
    console.log('Building the server …');
    await rm(join(ROOT, 'dist/server'), { recursive: true, force: true });
    // What runs in a thread is a script of its own beside the server.
    for (const [entry, out] of [
      ['server/main.ts', 'dist/server/main.mjs'],
      ['server/threads/worker.ts', 'dist/server/worker.mjs'],
      ['server/carriers/mail-worker.ts', 'dist/server/mail-worker.mjs'],
    ])
      await must('Building the server', bin('esbuild'), [
        entry,
        '--bundle',
        '--packages=external',
        '--format=esm',
        '--target=node20',
        '--platform=node',
        '--log-level=warning',
        `--outfile=${out}`,
      ]);
    await cp(join(ROOT, 'server/db/migrations'), join(ROOT, 'dist/server/migrations'), {
      recursive: true,
    });
    await must('Preparing an empty database', process.execPath, [
      '--import',
      'tsx',
      'scripts/make-image.ts',
      'dist/server/image.tar.gz',
    ]);
  }
  await mkdir(join(ROOT, 'dist'), { recursive: true });
  await writeFile(STAMP, JSON.stringify(wanted));
}

export const SERVER_ENV = {
  PENPAL_WEB_DIR: 'dist/web',
  PENPAL_MIGRATIONS_DIR: 'dist/server/migrations',
  PENPAL_WORKER: 'dist/server/worker.mjs',
  PENPAL_MAIL_WORKER: 'dist/server/mail-worker.mjs',
};
