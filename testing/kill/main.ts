import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { refusedByPostgres } from './dump';
import { killTest } from './kill';

/** `npm run kill-test -- [kills] [seed]`: the built product is killed again and again, and looked at. */
async function main([kills = '1000', given]: string[]): Promise<void> {
  const seed = given === undefined ? Date.now() % 1_000_000 : Number(given);
  const dir = await mkdtemp(join(tmpdir(), 'penpal-kill-'));
  console.log(`Seed ${seed}; ${kills} kills …`);
  const report = await killTest({
    kills: Number(kills),
    seed,
    dir,
    ...(process.env.PENPAL_DATABASE_URL ? { look: refusedByPostgres } : {}),
    onProgress: (done) => done % 50 === 0 && console.log(`${done} …`),
  });
  await rm(dir, { recursive: true });
  console.log(`Killed by moment: ${JSON.stringify(report.kills)}`);
  console.log(`${report.acknowledged} answered writes.`);
  for (const finding of report.findings) console.log(finding);
  console.log(
    report.findings.length === 0 ? 'Nothing was wrong.' : `${report.findings.length} findings.`,
  );
  process.exit(report.findings.length === 0 ? 0 : 1);
}

void main(process.argv.slice(2));
