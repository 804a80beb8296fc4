import { mkdtemp, rm } from 'node:fs/promises';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { chromium, type Browser, type Locator, type Page } from '@playwright/test';
import compression from 'compression';
import express from 'express';

import { figure } from '@/core/time';
import { newId } from '@/server/db';
import { insertPeople, toRecord } from '@/server/people';
import { readConfig } from '@/server/config';
import { start, type Running } from '@/server/start';

import { exportBarePage } from './bare';
import { makeDoubles } from './doubles';
import type { Figure } from './table';
import { benchTyping } from './typing';

const SLOWED = 4;
/** The first screen may take so much of a bare page with the same libraries. */
const MOST = 1.15;
const PEOPLE = 20_000;
const STEPS = 240;
const STEP_PX = 300;

/** The longest pause between two frames while a list of 20,000 people is scrolled, after a warm-up. */
async function benchScrolling({ ctx, url }: Running, browser: Browser): Promise<Figure> {
  const ids: string[] = [];
  const records = makeDoubles(PEOPLE, 1).people.map(({ fields }) => {
    const id = newId();
    ids.push(id);
    const base = { id, version: 1, circleId: null, ownPromiseDays: null, batchId: null };
    return toRecord(fields, { ...base, addedOn: ctx.clock.today() });
  });
  await insertPeople(ctx.db, records);
  ctx.writes.markStale('everybody');
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // The loader that runs this file names inner functions with a helper that the page does not have.
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.goto(`${url}/people`);
  await page
    .getByRole('status')
    .filter({ hasText: figure(PEOPLE) })
    .waitFor();
  const scroll = () =>
    page.evaluate(
      ([steps, px]) =>
        new Promise<number>((done) => {
          const list = document.querySelector('[role=list][aria-label=People]')!.parentElement!;
          let longest = 0;
          let before = performance.now();
          let left = steps!;
          const frame = (now: number) => {
            longest = Math.max(longest, now - before);
            before = now;
            list.scrollTop += px!;
            if (left-- > 0) requestAnimationFrame(frame);
            else done(longest);
          };
          requestAnimationFrame(frame);
        }),
      [STEPS, STEP_PX],
    );
  await scroll();
  const ms = await scroll();
  await page.close();
  await ctx.db.query('delete from person where id = any($1::uuid[])', [ids]);
  ctx.writes.markStale('everybody');
  return {
    what: 'longest frame while scrolling',
    size: `${PEOPLE} people`,
    ms,
    limit: { what: 'at most 50 ms', kept: ms <= 50 },
  };
}

const TIMES = 7;

interface Site {
  url: string;
  /** What can be read when the page is there. */
  ready: (page: Page) => Locator;
}

/** Milliseconds until a page can be read on a slowed processor, and the bytes of script it loads. */
async function open(
  browser: Browser,
  { url, ready }: Site,
): Promise<{ ms: number; bytes: number }> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  const scripts: Promise<Buffer>[] = [];
  page.on('response', (response) => {
    if (response.url().endsWith('.js')) scripts.push(response.body());
  });
  const started = performance.now();
  await page.goto(url, { waitUntil: 'commit' });
  await ready(page).waitFor();
  const ms = performance.now() - started;
  const bytes = (await Promise.all(scripts)).reduce((sum, { length }) => sum + length, 0);
  await page.close();
  return { ms, bytes };
}

/** The median of each of two pages, opened in turns: a machine that slows down slows both. */
async function inTurns(browser: Browser, sites: [Site, Site]) {
  const times: [number[], number[]] = [[], []];
  const bytes: [number, number] = [0, 0];
  for (let i = 0; i < TIMES; i++)
    for (const at of [0, 1] as const) {
      const opened = await open(browser, sites[at]);
      times[at].push(opened.ms);
      bytes[at] = opened.bytes;
    }
  const result = (at: 0 | 1) => ({
    ms: times[at].sort((a, b) => a - b)[TIMES >> 1]!,
    bytes: bytes[at],
  });
  return { own: result(0), floor: result(1) };
}

/** Serves an exported page as Pen Pal serves its own. */
async function serve(dir: string): Promise<{ url: string; close: () => void }> {
  const app = express().use(compression(), express.static(dir));
  app.get('/{*path}', (_, response) => response.sendFile('index.html', { root: dir }));
  const server = app.listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  const { port } = server.address() as AddressInfo;
  return { url: `http://127.0.0.1:${port}`, close: () => server.close() };
}

/** From asking for the page until the desk can be read, on a slowed processor at phone size. */
export async function benchPage(): Promise<Figure[]> {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-bench-'));
  const running = await start(
    readConfig(['--port', '0', '--data', dir], {
      PENPAL_MIGRATIONS_DIR: 'dist/server/migrations',
      PENPAL_WORKER: 'dist/server/worker.mjs',
    }),
  );
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const scrolling = await benchScrolling(running, browser);
    const typing = await benchTyping(running.url, browser, SLOWED);
    const bare = await exportBarePage();
    const served = await serve(bare.dir);
    const { own, floor } = await inTurns(browser, [
      {
        url: running.url,
        ready: (page) => page.getByRole('heading', { name: 'Nobody is waiting today' }),
      },
      { url: served.url, ready: (page) => page.getByText('Bare') },
    ]);
    served.close();
    const script = own.bytes / 1024;
    return [
      scrolling,
      {
        what: 'first page',
        size: `390×844, processor ${SLOWED}× slower`,
        ms: own.ms,
        floor: { what: 'bare page, same libraries', ms: floor.ms },
        limit: { what: 'at most 1.15×', kept: own.ms / floor.ms <= MOST },
      },
      {
        what: 'script loaded first, in kB instead of ms',
        size: 'not gzipped',
        ms: script,
        floor: { what: 'bare page, same libraries', ms: floor.bytes / 1024 },
        limit: { what: 'at most 1.15×', kept: own.bytes / floor.bytes <= MOST },
      },
      ...typing,
    ];
  } finally {
    await browser.close();
    await running.close();
    await rm(dir, { recursive: true, force: true });
  }
}
