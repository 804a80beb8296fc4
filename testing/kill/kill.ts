import { readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';

import Papa from 'papaparse';

import { call } from '@/contract/call';
import { addPerson } from '@/contract/people';
import { Random } from '@/demo/random';
import { openPglite } from '@/server/db/pglite';
import { findDamage, openBackup } from '@/server/upkeep';

import { exportFile } from '../export';
import { killStart, startServer } from '../process';
import { Ledger } from './ledger';
import { Writers } from './writers';

/** Moments at which the process is killed, each with how often of a hundred. */
const MOMENTS = { writes: 50, import: 15, closing: 10, backup: 10, first: 15 };
type Moment = keyof typeof MOMENTS;
const DRAWN = (Object.keys(MOMENTS) as Moment[]).flatMap((moment) =>
  Array<Moment>(MOMENTS[moment]).fill(moment),
);

/** After so many kills the directory is looked through and a new one is begun. */
const KILLS_EACH = 100;
const WRITERS = 4;

export interface KillReport {
  kills: Record<Moment, number>;
  acknowledged: number;
  findings: string[];
}

interface Asked {
  kills: number;
  seed: number;
  /** Where data directories are made. */
  dir: string;
  /** Looks further at a data directory whose process is gone; answers what is wrong with it. */
  look?: (dataDir: string) => Promise<string[]>;
  onProgress?: (kills: number) => void;
}

/**
 * Kills the product again and again, at random moments, and looks after each start whether what was
 * acknowledged is there, what was refused is not, and nothing is there by half or twice.
 */
export async function killTest({ kills, seed, dir, look, onProgress }: Asked): Promise<KillReport> {
  // The moments are the seed's alone; what is written until then depends on the machine, too.
  const [moments, random] = [new Random(seed), new Random(seed + 1)];
  const report: KillReport = {
    kills: { writes: 0, import: 0, closing: 0, backup: 0, first: 0 },
    acknowledged: 0,
    findings: [],
  };
  for (let done = 0; done < kills;) {
    const data = join(dir, `data-${done}`);
    const life = new Life(data, random, report);
    for (let n = 0; n < KILLS_EACH && done < kills; n++) {
      const moment = moments.pick(DRAWN);
      await (moment === 'first'
        ? killFirst(join(dir, 'first'), random, report)
        : life.kill(moment));
      report.kills[moment] += 1;
      done += 1;
      onProgress?.(done);
    }
    await life.end();
    report.findings.push(...(await damageIn(data)), ...((await look?.(data)) ?? []));
    await rm(data, { recursive: true, force: true });
  }
  return report;
}

/** One data directory through many kills. */
class Life {
  private readonly ledger = new Ledger();
  private readonly writers: Writers;

  constructor(
    private readonly data: string,
    private readonly random: Random,
    private readonly report: KillReport,
  ) {
    this.writers = new Writers(random, this.ledger);
  }

  async kill(moment: Exclude<Moment, 'first'>): Promise<void> {
    const server = await this.open();
    if (!server) return;
    const work = Array.from({ length: WRITERS }, () => this.writers.write(server.url));
    if (moment === 'import') work.push(this.writers.bring(server.url));
    if (moment === 'backup') work.push(this.writers.backUp(server.url));
    await wait(this.random.int(20, moment === 'backup' ? 1_500 : 400));
    if (moment === 'closing') {
      server.child.kill('SIGTERM');
      await wait(this.random.int(0, 150));
    }
    await server.end('SIGKILL');
    await Promise.all(work);
  }

  /** Opens it once more, looks, and ends it as an owner does. */
  async end(): Promise<void> {
    const server = await this.open();
    await server?.end('SIGTERM');
    this.report.acknowledged += this.ledger.acknowledged;
  }

  /** Starts, looks at everything, and sends again what was not answered. */
  private async open() {
    const server = await startServer(['--port', '0', '--data', this.data]).catch((error: Error) => {
      this.report.findings.push(`does not open: ${error.message}`);
      return null;
    });
    if (!server) return null;
    this.report.findings.push(...this.ledger.settle(await wordsAt(server.url)));
    for (const { key, send } of this.writers.unanswered.splice(0)) {
      this.ledger.reopen(key);
      await send(server.url).then(
        () => this.ledger.answered(key, 'there'),
        () => {}, // what it is about may never have come to be
      );
    }
    return server;
  }
}

/** A first start that is killed: the next one opens, and takes a write. */
async function killFirst(data: string, random: Random, { findings }: KillReport): Promise<void> {
  const args = ['--port', '0', '--data', data];
  await killStart(args, random.int(50, 1_500));
  try {
    const server = await startServer(args);
    await call(addPerson, { body: { givenName: 'Ana', phone: '555-0101' } }, { base: server.url });
    await server.end('SIGKILL');
  } catch (error) {
    findings.push(`does not open after a first start that was killed: ${String(error)}`);
  }
  await rm(data, { recursive: true, force: true });
}

/** Every word that stands in names and notes, with how often. */
async function wordsAt(base: string): Promise<Map<string, number>> {
  const { content } = await exportFile(base, {
    who: { filter: {} },
    format: 'csv',
    columns: ['givenName', 'notes'],
  });
  const found = new Map<string, number>();
  for (const row of Papa.parse<string[]>(content.trim()).data)
    for (const word of row.join(' ').match(/\w+/g) ?? [])
      found.set(word, (found.get(word) ?? 0) + 1);
  return found;
}

/** What is wrong with the tables, the indexes and the backups of a directory that nobody has open. */
async function damageIn(data: string): Promise<string[]> {
  const findings: string[] = [];
  const db = await openPglite(join(data, 'pg'), undefined, { amcheck: true });
  const damage = await findDamage(db).catch(String);
  await db.close();
  if (damage) findings.push(`damaged: ${damage}`);
  const backups = join(data, 'backups');
  const files = await readdir(backups).catch(() => []);
  for (const name of files.filter((file) => file.endsWith('.tar.gz'))) {
    const { fault } = await openBackup(join(backups, name), backups);
    if (fault) findings.push(`backup ${name}: ${fault}`);
  }
  return findings;
}

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));
