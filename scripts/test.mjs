// Everything, from a fresh clone: installs, checks, builds, tests, and prints one closing line.
import { existsSync } from 'node:fs';
import { mkdir, readFile, rm } from 'node:fs/promises';

import { bin, ensureInstalled, must, NODE_OPTIONS, ROOT, run } from './run.mjs';
import { withPostgres } from './with-postgres.mjs';

const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

async function ensureChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium (Debian package) …');
  await must('Updating the package lists', 'apt-get', ['update', '-qq']);
  await must('Installing Chromium', 'apt-get', ['install', '-y', '-qq', 'chromium'], {
    quiet: true,
  });
}

const tally = { passed: 0, failed: 0 };

/** One step that passes or fails as a whole. */
async function check(name, command, args, options) {
  const started = Date.now();
  const code = await run(command, args, options);
  console.log(
    `${code === 0 ? 'ok  ' : 'FAIL'} ${name} (${Math.round((Date.now() - started) / 1000)} s)`,
  );
  tally[code === 0 ? 'passed' : 'failed'] += 1;
  return code === 0;
}

async function jest(name, args, env = {}) {
  const report = `test-results/${name}.json`;
  await mkdir(`${ROOT}test-results`, { recursive: true });
  const options = { env: { NODE_OPTIONS, ...env } };
  const json = ['--json', `--outputFile=${report}`, '--silent'];
  await run(bin('jest'), [...args, ...json], { ...options, quiet: true });
  await add(report, (r) => [r.numPassedTests, r.numFailedTests + r.numRuntimeErrorTestSuites]);
}

/** Adds the counts of a report; a report that is missing is a failure. */
async function add(report, countsOf) {
  try {
    const [passed, failed] = countsOf(JSON.parse(await readFile(ROOT + report, 'utf8')));
    tally.passed += passed;
    tally.failed += failed;
  } catch (error) {
    console.error(`No readable report in ${report}: ${error.message}`);
    tally.failed += 1;
  }
}

await ensureInstalled();
await ensureChromium();
await rm(`${ROOT}test-results`, { recursive: true, force: true });
await check('types', bin('tsc'), ['--noEmit']);
await check('lint', bin('eslint'), ['.', '--max-warnings', '0']);
await check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
await jest('unit', []);
await withPostgres((url) =>
  jest('postgres', ['--selectProjects', 'server', '--testPathIgnorePatterns', 'db/(?!held)'], {
    PENPAL_DATABASE_URL: url,
  }),
);
if (await check('build', process.execPath, ['scripts/build.mjs'])) {
  await run(bin('playwright'), ['test']);
  await add('test-results/journeys.json', ({ stats }) => [
    stats.expected,
    stats.unexpected + stats.flaky,
  ]);
}
console.log(`${tally.passed} passed, ${tally.failed} failed`);
process.exit(tally.failed === 0 && tally.passed > 0 ? 0 : 1);
