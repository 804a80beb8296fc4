import { existsSync } from 'node:fs';
import { rename } from 'node:fs/promises';

import { fillDemo, BEGUN_DAYS } from '@/demo';

import { readConfig, StartFault, type Config } from './config';
import { DatabaseHeld, DataDirHeld, lockDataDir } from './db';
import { readMemo, writeMemo } from './settings';
import { start, type Running } from './start';

/** --fresh loses nothing: the data that was there is moved aside under a dated name. */
async function setAside(config: Config): Promise<void> {
  if (!config.fresh || !existsSync(config.dataDir)) return;
  await (
    await lockDataDir(config.dataDir)
  )(); // refuses while another Pen Pal has it open
  const aside = `${config.dataDir}-until-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  await rename(config.dataDir, aside);
  console.log(`The data that was there is kept in ${aside}`);
}

const FILLED = 'demo-filled';
const DEMO_SEED = 4310;

/** Fills a new demo; one whose filling was broken off says how to begin again. */
async function ensureFilled({ ctx, url }: Running): Promise<void> {
  if (await readMemo<boolean>(ctx.db, FILLED)) return;
  const [{ n } = { n: 0 }] = await ctx.db.query<{ n: number }>(
    'select count(*)::int as n from person',
  );
  if (n > 0)
    throw new StartFault('The demo was not filled to its end last time. Start it with --fresh.');
  ctx.clock.shiftDays -= BEGUN_DAYS;
  await fillDemo({ base: url, seed: DEMO_SEED, say: (line) => console.log(line) });
  await writeMemo(ctx.db, FILLED, true);
}

// Whoever read what is said here may go while the server goes on.
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => {});

async function main(): Promise<void> {
  const config = readConfig(process.argv.slice(2), process.env);
  await setAside(config);
  const running = await start(config);
  const stop = async () => {
    await running.close();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop());
  process.on('SIGTERM', () => void stop());
  if (config.mode === 'demo') await ensureFilled(running);
  console.log(`Pen Pal is ready at ${running.url}`);
}

main().catch((error: unknown) => {
  const known =
    error instanceof StartFault || error instanceof DataDirHeld || error instanceof DatabaseHeld;
  const message = error instanceof Error ? error.message : String(error);
  console.error(known || /^Pen Pal |^This data /.test(message) ? message : error);
  process.exit(1);
});
