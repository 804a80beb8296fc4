import { existsSync } from 'node:fs';
import { rename } from 'node:fs/promises';

import { fillDemo } from '@/demo';

import { readConfig, StartFault, type Config } from './config';
import { DataDirHeld, lockDataDir } from './db';
import { start } from './start';

/** --fresh loses nothing: the data that was there is moved aside under a dated name. */
async function setAside(config: Config): Promise<void> {
  if (!config.fresh || !existsSync(config.dataDir)) return;
  await (await lockDataDir(config.dataDir))(); // refuses while another Pen Pal has it open
  const aside = `${config.dataDir}-until-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  await rename(config.dataDir, aside);
  console.log(`The data that was there is kept in ${aside}`);
}

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
  if (config.mode === 'demo')
    await fillDemo({ url: running.url, say: (line) => console.log(line) });
  console.log(`Pen Pal is ready at ${running.url}`);
}

main().catch((error: unknown) => {
  const known = error instanceof StartFault || error instanceof DataDirHeld;
  const message = error instanceof Error ? error.message : String(error);
  console.error(known || /^Pen Pal |^This data /.test(message) ? message : error);
  process.exit(1);
});
