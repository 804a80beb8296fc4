import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { call } from '@/contract/call';
import { listActions } from '@/contract/history';
import { addPerson } from '@/contract/people';
import { readConfig } from '@/server/config';
import { start } from '@/server/start';

import { fuzz } from './fuzz';

/** `npm run fuzz -- [requests] [seed]`: many requests to a server of its own, and what was wrong with any. */
async function main([requests = '50000', given]: string[]): Promise<void> {
  const seed = given === undefined ? Date.now() % 1_000_000 : Number(given);
  const dir = await mkdtemp(join(tmpdir(), 'penpal-fuzz-'));
  // A new database is made, because an image of an earlier build may not know the newest migration.
  const env = { PENPAL_MIGRATIONS_DIR: 'server/db/migrations', PENPAL_IMAGE: 'none' };
  const running = await start(
    readConfig(['--port', '0', '--demo', '--empty', '--api-only', '--data', dir], env),
  );
  const base = running.url;
  console.log(`Seed ${seed}; ${requests} requests …`);
  for (let i = 0; i < 20; i++)
    await call(addPerson, { body: { givenName: `Given${i}`, phone: `555-01${10 + i}` } }, { base });
  const newest = async () =>
    (await call(listActions, { query: { limit: 1 } }, { base })).actions[0]?.id;
  const { findings, statuses, taken } = await fuzz({
    base,
    seed,
    requests: Number(requests),
    writes: newest,
    // A backup takes seconds, and another one is no news.
    without: ['/upkeep/backups'],
    slowAfterMs: 2_000,
    onProgress: (done) => console.log(`${done} …`),
  });
  console.log(`Answers by status: ${JSON.stringify(statuses)}; ${taken.size} endpoints took some.`);
  for (const finding of findings) console.log(JSON.stringify(finding));
  console.log(findings.length === 0 ? 'Nothing was wrong.' : `${findings.length} findings.`);
  await running.close();
  await rm(dir, { recursive: true });
  process.exit(findings.length === 0 ? 0 : 1);
}

void main(process.argv.slice(2));
