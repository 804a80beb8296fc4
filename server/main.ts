import { existsSync } from 'node:fs';
import { copyFile, mkdir, rename } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

import { fillDemo, BEGUN_DAYS } from '@/demo';

import { instantOf } from '@/core/zones';

import { setPassphraseHere } from './commands';
import { readConfig, StartFault, type Config } from './config';
import { gone, keepToOurselves, lockDataDir } from './db';
import { restore } from './restore';
import { readMemo, writeMemo } from './settings';
import { assertPassphrase, isReached, start, type Running } from './start';
import { openBackup } from './upkeep';

/** --fresh loses nothing: the data that was there is moved aside under a dated name. */
async function setAside(config: Config): Promise<void> {
  if (!config.fresh || !existsSync(config.dataDir)) return;
  await (
    await lockDataDir(config.dataDir)
  )(); // refuses while another Pen Pal has it open
  const aside = `${config.dataDir}-until-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  await rename(config.dataDir, aside);
  // Who may come in stays as it is.
  await mkdir(config.dataDir, { recursive: true });
  await copyFile(join(aside, 'passphrase'), join(config.dataDir, 'passphrase')).catch(gone);
  console.log(`The data that was there is kept in ${aside}`);
}

const FILLED = 'demo-filled';
const DEMO_SEED = 4310;

/** As only this machine reaches it: nobody has to sign in while it is filled. */
const unreached = (config: Config): Config => ({
  ...config,
  host: '127.0.0.1',
  origins: [],
  form: null,
});

/** Fills a new demo; one whose filling was broken off says how to begin again. */
async function ensureFilled({ ctx, url, ports }: Running): Promise<void> {
  if (await readMemo<boolean>(ctx.db, FILLED)) return;
  const [{ n } = { n: 0 }] = await ctx.db.query<{ n: number }>(
    'select count(*)::int as n from person',
  );
  if (n > 0)
    throw new StartFault('The demo was not filled to its end last time. Start it with --fresh.');
  ctx.clock.shiftDays -= BEGUN_DAYS;
  // Days are lived through in the morning: what goes by itself that day still lies ahead.
  const { today, zone, nowMs } = ctx.clock;
  ctx.clock.shiftMs = instantOf(today.call(ctx.clock), '09:15', zone) - nowMs.call(ctx.clock);
  const say = (line: string) => console.log(line);
  await fillDemo({ base: url, seed: DEMO_SEED, say, ports });
  ctx.clock.shiftMs = 0;
  await writeMemo(ctx.db, FILLED, true);
}

// Whoever read what is said here may go while the server goes on.
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => {});

/** Says what came of opening a backup. Without whoever asked, nobody needs to know. */
async function check(file: string, scratchIn: string): Promise<void> {
  const leave = () => process.exit(1);
  process.once('disconnect', leave);
  // They may have gone before this was reached; without a channel to them it is undefined.
  if (process.connected === false) leave();
  console.log(JSON.stringify(await openBackup(file, scratchIn)));
  process.exit(0);
}

async function main(): Promise<void> {
  keepToOurselves();
  const config = {
    ...readConfig(process.argv.slice(2), process.env),
    script: fileURLToPath(import.meta.url),
  };
  if (config.command === 'passphrase') return setPassphraseHere(config.dataDir);
  if (config.command === 'restore') return restore(config.file, config.dataDir);
  if (config.command === 'check') return check(config.file, config.dataDir);
  await assertPassphrase(config);
  await setAside(config);
  if (config.mode === 'demo' && isReached(config)) {
    const filling = await start(unreached(config));
    await ensureFilled(filling).finally(() => filling.close());
  }
  const running = await start(config);
  const stop = async () => {
    // What the end cuts off is heard by nobody any more.
    process.on('unhandledRejection', () => {});
    await running.close();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop());
  process.on('SIGTERM', () => void stop());
  if (config.mode === 'demo') await ensureFilled(running);
  if (running.formUrl) console.log(`The web form is at ${running.formUrl}/form`);
  console.log(`Pen Pal is ready at ${running.url}`);
}

/** Why it could not start, in a sentence with the remedy where there is one. */
function wordsOf(error: unknown): string {
  const { code, message = String(error) } = error as { code?: string; message?: string };
  if (code === 'ENOSPC') return 'The disk is full. Make room and start again.';
  if (code === 'EACCES' || code === 'EPERM' || code === 'EROFS')
    return `Pen Pal may not write where it has to: ${message}. Change the rights, or choose another directory with --data.`;
  const told =
    error instanceof StartFault || /^(Pen Pal |This data |The data |This database )/.test(message);
  return told ? message : `Pen Pal could not start: ${message}`;
}

main().catch((error: unknown) => {
  console.error(wordsOf(error));
  // Where it happened, for who looks for a fault in Pen Pal itself.
  if (process.env.PENPAL_DEBUG) console.error(error);
  process.exit(1);
});
