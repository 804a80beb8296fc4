// Everything, from a fresh clone: installs, checks, builds, tests, and prints one closing line.
// With the name of a subject (`npm test -- people`): its own tests, with types and lint.
import { existsSync } from 'node:fs';
import { mkdir, readFile, rm, statfs } from 'node:fs/promises';
import { availableParallelism } from 'node:os';

import { bin, ensureInstalled, must, NODE_OPTIONS, ROOT, run } from './run.mjs';
import withPostgresModule from '../testing/with-postgres.js';

const { withPostgres } = withPostgresModule;

const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

async function ensureChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium (Debian package) …');
  await must('Updating the package lists', 'apt-get', ['update', '-qq']);
  await must('Installing Chromium', 'apt-get', ['install', '-y', '-qq', 'chromium'], {
    quiet: true,
  });
}

const ROOM_BYTES = 4 * 2 ** 30;

/** What tests write is thrown away: into memory where there is room, so that nothing waits for a disk. */
async function inMemory() {
  try {
    const { bavail, bsize } = await statfs('/dev/shm');
    return bavail * bsize > ROOM_BYTES ? { TMPDIR: '/dev/shm' } : {};
  } catch {
    return {};
  }
}

const tally = { passed: 0, failed: 0 };

const told = (ok, name, started) =>
  console.log(`${ok ? 'ok  ' : 'FAIL'} ${name} (${Math.round((Date.now() - started) / 1000)} s)`);

/** One step that passes or fails as a whole. */
async function check(name, command, args, options) {
  const started = Date.now();
  const ok = (await run(command, args, options)) === 0;
  told(ok, name, started);
  tally[ok ? 'passed' : 'failed'] += 1;
  return ok;
}

/** Adds the counts of a report; a report that is missing is a failure. */
async function add(name, report, started, countsOf) {
  const before = tally.failed;
  try {
    const [passed, failed] = countsOf(JSON.parse(await readFile(ROOT + report, 'utf8')));
    tally.passed += passed;
    tally.failed += failed;
  } catch (error) {
    console.error(`No readable report in ${report}: ${error.message}`);
    tally.failed += 1;
  }
  told(tally.failed === before, name, started);
}

// Jest leaves a processor idle unless it is told to take all.
const WORKERS = `--maxWorkers=${availableParallelism()}`;

async function jest(name, args, env = {}) {
  const started = Date.now();
  const report = `test-results/${name}.json`;
  await mkdir(`${ROOT}test-results`, { recursive: true });
  const json = [WORKERS, '--json', `--outputFile=${report}`, '--silent'];
  const memory = await inMemory();
  await run(bin('jest'), [...args, ...json], {
    env: { NODE_OPTIONS, ...memory, ...env },
    quiet: true,
  });
  await add(name, report, started, (r) => [
    r.numPassedTests,
    r.numFailedTests + r.numRuntimeErrorTestSuites,
  ]);
}

const types = () => check('types', bin('tsc'), ['--noEmit']);
const lint = (paths = ['.']) => check('lint', bin('eslint'), [...paths, '--max-warnings', '0']);
const format = () => check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);

async function journeys() {
  const started = Date.now();
  await run(bin('playwright'), ['test'], { env: await inMemory() });
  await add('journeys', 'test-results/journeys.json', started, ({ stats }) => [
    stats.expected,
    stats.unexpected + stats.flaky,
  ]);
}

const postgres = () =>
  withPostgres((url) =>
    jest(
      'postgres',
      [
        '--selectProjects',
        'server',
        '--testPathIgnorePatterns',
        '(db/(?!held)|upkeep/upkeep|people/nasty|server/(restore|fuzz|log|access/))',
      ],
      {
        PENPAL_DATABASE_URL: url,
      },
    ),
  );

async function everything() {
  await ensureChromium();
  // What works on one processor alone goes beside the build, which is the longest of them.
  const [built] = await Promise.all([
    check('build', process.execPath, ['scripts/build.mjs']),
    (async () => {
      await types();
      await lint();
      await format();
    })(),
  ]);
  await jest('unit', []);
  await postgres();
  if (built) await journeys();
}

/** The folders of a subject in every room. */
async function one(subject) {
  const folders = ['client', 'contract', 'core', 'server']
    .flatMap((room) => [`${room}/${subject}`, `${room}/${subject}.ts`])
    .filter((path) => existsSync(ROOT + path));
  if (folders.length === 0) {
    console.error(`No room has a subject “${subject}”.`);
    process.exit(1);
  }
  await Promise.all([types(), lint(folders)]);
  await jest('unit', ['--testPathPattern', `/(client|contract|core|server)/${subject}[/.]`]);
}

await ensureInstalled();
await rm(`${ROOT}test-results`, { recursive: true, force: true });
const [subject] = process.argv.slice(2);
await (subject ? one(subject) : everything());
console.log(`${tally.passed} passed, ${tally.failed} failed`);
process.exit(tally.failed === 0 && tally.passed > 0 ? 0 : 1);
