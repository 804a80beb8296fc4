import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { chromium } from '@playwright/test';

import { start } from '@/server/start';

import { exportBarePage } from './bare';
import type { Figure } from './table';

const SLOWED = 4;

/** From asking for the page until the desk can be read, on a slowed processor at phone size. */
export async function benchPage(): Promise<Figure[]> {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-bench-'));
  const running = await start({
    host: '127.0.0.1',
    port: 0,
    dataDir: dir,
    databaseUrl: null,
    today: null,
    mode: 'own',
    fresh: false,
    webDir: 'dist/web',
    migrationsDir: 'dist/server/migrations',
    image: 'dist/server/image.tar.gz',
  });
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    const times: number[] = [];
    let scriptBytes = 0;
    for (let i = 0; i < 5; i++) {
      const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
      const session = await page.context().newCDPSession(page);
      await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
      const scripts: Promise<Buffer>[] = [];
      page.on('response', (response) => {
        if (response.url().endsWith('.js')) scripts.push(response.body());
      });
      const started = performance.now();
      await page.goto(running.url, { waitUntil: 'commit' });
      await page.getByRole('heading', { name: 'Nobody is waiting today' }).waitFor();
      times.push(performance.now() - started);
      scriptBytes = (await Promise.all(scripts)).reduce((sum, { length }) => sum + length, 0);
      await page.close();
    }
    const ms = times.sort((a, b) => a - b)[2]!;
    const limit = { what: 'under 2.5 s', kept: ms < 2_500 };
    const bare = (await exportBarePage()) / 1024;
    const script = scriptBytes / 1024;
    return [
      { what: 'first page', size: `390×844, processor ${SLOWED}× slower`, ms, limit },
      {
        what: 'script loaded first, in kB instead of ms',
        size: 'not gzipped',
        ms: script,
        floor: { what: 'bare page, same libraries', ms: bare },
        limit: { what: 'at most 1.6×', kept: script / bare <= 1.6 },
      },
    ];
  } finally {
    await browser.close();
    await running.close();
    await rm(dir, { recursive: true, force: true });
  }
}
