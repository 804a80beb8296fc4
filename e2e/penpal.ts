import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';

export interface PenPal {
  url: string;
  stop(): Promise<void>;
}

/** Starts the built application on a port of its own with new data. */
export async function startPenPal(args: readonly string[] = []): Promise<PenPal> {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-e2e-'));
  const child = spawn(
    process.execPath,
    ['dist/server/main.mjs', '--port', '0', '--data', join(dir, 'data'), ...args],
    {
      env: {
        ...process.env,
        PENPAL_WEB_DIR: 'dist/web',
        PENPAL_MIGRATIONS_DIR: 'dist/server/migrations',
        PENPAL_WORKER: 'dist/server/worker.mjs',
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  const url = await readyUrl(child);
  return {
    url,
    stop: async () => {
      const gone = new Promise((done) => child.once('exit', done));
      child.kill('SIGTERM');
      await gone;
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
  args: [[], { option: true }],
  penpal: async ({ args }, use) => {
    const penpal = await startPenPal(args);
    await use(penpal);
    await penpal.stop();
  },
  page: async ({ page, penpal }, use) => {
    const faults = watch(page);
    await page.goto(penpal.url);
    await use(page);
    expect(faults).toEqual([]);
  },
});

export { expect };

/** Checks the page with axe, once it is there: each has a heading. */
export async function expectNoViolations(page: Page): Promise<void> {
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  const { violations } = await new AxeBuilder({ page }).analyze();
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

/** Goes to one of the places of the bar or rail. */
export const goTo = (page: Page, place: string) =>
  page.getByRole('link', { name: place, exact: true }).click();
