import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));

const EXPO_ENV = { EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: '1' };
/** PGlite needs it inside Jest; elsewhere it is only a warning less. */
export const NODE_OPTIONS = '--experimental-vm-modules --disable-warning=ExperimentalWarning';

/** Runs a command in the project's root and answers its exit code. */
export function run(command, args, { env = {}, quiet = false, asks = false } = {}) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      env: { ...process.env, ...EXPO_ENV, ...env },
      stdio: [asks ? 'inherit' : 'ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
    });
    for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
    child.on('error', fail);
    child.on('exit', (code, signal) => done(signal ? 1 : (code ?? 1)));
  });
}

/** As `run`, but a failure ends the program with a sentence. */
export async function must(what, command, args, options) {
  const code = await run(command, args, options);
  if (code !== 0) {
    console.error(`${what} failed (exit code ${code}).`);
    process.exit(code);
  }
}

export const bin = (name) => `${ROOT}node_modules/.bin/${name}`;

/** Installs exactly what the lockfile names, if it is not there yet. */
export async function ensureInstalled() {
  if (existsSync(`${ROOT}node_modules/.package-lock.json`)) return;
  console.log('Installing packages (once, one to two minutes) …');
  await must('Installing packages', 'npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
}
