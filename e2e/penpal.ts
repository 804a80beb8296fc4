import { spawn, type ChildProcess } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { cp, mkdtemp, rename, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';

/** Journeys happen on this day, a Monday; in the demo scenario where they say so. */
export const DAY = ['--today', '2026-11-23'];
export const DEMO = ['--demo', ...DAY];

export interface PenPal {
  url: string;
  stop(): Promise<void>;
}

function launch(data: string, args: readonly string[]): ChildProcess {
  return spawn(process.execPath, ['dist/server/main.mjs', '--port', '0', '--data', data, ...args], {
    env: {
      ...process.env,
      PENPAL_WEB_DIR: 'dist/web',
      PENPAL_MIGRATIONS_DIR: 'dist/server/migrations',
      PENPAL_WORKER: 'dist/server/worker.mjs',
      PENPAL_MAIL_WORKER: 'dist/server/mail-worker.mjs',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
}

async function end(child: ChildProcess): Promise<void> {
  const gone = new Promise((done) => child.once('exit', done));
  child.kill('SIGTERM');
  await gone;
}

/**
 * Data as the product leaves it after its first start with these arguments: made once for all
 * journeys, because creating a database, and filling the demo, takes most of the time of a start.
 */
export async function freshData(args: readonly string[]): Promise<string> {
  const key = createHash('sha256').update(args.join(' ')).digest('hex').slice(0, 16);
  const kept = join(process.env.PENPAL_E2E_FIRST!, key);
  if (!existsSync(kept)) {
    // Two workers may make it at once: whoever is first has it kept.
    const mine = await mkdtemp(`${kept}-`);
    const child = launch(join(mine, 'data'), args);
    await readyUrl(child);
    await end(child);
    await rename(mine, kept).catch(() => rm(mine, { recursive: true, force: true }));
  }
  return join(kept, 'data');
}

/** Starts the built application on a port and with data of its own; `prepare` may see to the data first. */
export async function startPenPal(
  args: readonly string[] = [],
  prepare: (data: string) => Promise<readonly string[]> = async () => [],
): Promise<PenPal> {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-e2e-'));
  await cp(await freshData(args), join(dir, 'data'), { recursive: true });
  const child = launch(join(dir, 'data'), [...args, ...(await prepare(join(dir, 'data')))]);
  const url = await readyUrl(child);
  return {
    url,
    stop: async () => {
      await end(child);
      await rm(dir, { recursive: true, force: true });
    },
  };
}

function readyUrl(child: ChildProcess): Promise<string> {
  return new Promise((done, fail) => {
    let text = '';
    child.stdout!.on('data', (chunk: Buffer) => {
      text += chunk.toString();
      const match = /ready at (\S+)/.exec(text);
      if (match) done(match[1]!);
    });
    child.once('exit', (code) => fail(new Error(`The server ended with ${code}: ${text}`)));
  });
}

/** Everything a journey must not do unnoticed: errors in the page, requests to other hosts. */
function watch(page: Page): string[] {
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(`page error: ${error.message}`));
  page.on('console', (message) => {
    // A refusal that the journey provokes shows up as a failed load; the journey checks its sentence.
    if (message.type() === 'error' && !/Failed to load resource/.test(message.text()))
      faults.push(`console: ${message.text()}`);
  });
  page.on('request', (request) => {
    const { protocol, hostname } = new URL(request.url());
    if (/^https?:$/.test(protocol) && hostname !== '127.0.0.1')
      faults.push(`request to ${hostname}`);
  });
  return faults;
}

export const test = base.extend<{ args: string[]; penpal: PenPal }>({
  args: [DAY, { option: true }],
  penpal: async ({ args }, use) => {
    const penpal = await startPenPal(args);
    await use(penpal);
    await penpal.stop();
  },
  baseURL: async ({ penpal }, use) => use(penpal.url),
  page: async ({ page }, use) => {
    const faults = watch(page);
    await use(page);
    expect(faults).toEqual([]);
  },
});

export { expect };

/** What is said once an e-mail is sent; a slow machine says that it is still on its way. */
export const SENT_TO_ROSA = /^The e-mail to Rosa Lind (was sent|is being sent)/;

/** Checks the page with axe, once it is there: each has a heading. */
export async function expectNoViolations(page: Page): Promise<void> {
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  // Only what is wrong is told in full: collecting what is right takes most of its time.
  const options = { resultTypes: ['violations' as const], preload: false };
  const { violations } = await new AxeBuilder({ page }).options(options).analyze();
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map((n) => n.html)
          .join(' | ')
          .slice(0, 400)}`,
    ),
  ).toEqual([]);
}

/** What the bar of a phone reaches by way of Plans. */
const PLANS = ['Cadences', 'Ahead', 'Almanac', 'Pattern book'];

/** Goes to one of the parts by name: straight from the rail, or by its place in the bar of a phone. */
export async function goTo(page: Page, part: string): Promise<void> {
  const to = (name: string) => page.getByRole('link', { name, exact: true }).click();
  const isPhone = page.viewportSize()!.width < 1024;
  if (isPhone && PLANS.includes(part)) await to('Plans');
  await to(part);
}
