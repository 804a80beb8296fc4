import { mkdtemp, rm } from 'node:fs/promises';
import { join } from 'node:path';

import { newId } from '@/server/db';
import { walFlusher } from '@/server/db/flush';
import { openPglite } from '@/server/db/pglite';

import { median, medianMs, type Figure } from './table';

const WRITES = 50;

/** What asking the disk to keep each transaction costs, on the disk that holds the project. */
export async function benchDurability(): Promise<Figure[]> {
  const dir = await mkdtemp(join('node_modules/.cache', 'penpal-bench-'));
  const db = await openPglite(join(dir, 'pg'), process.env.PENPAL_TEST_IMAGE);
  const flush = walFlusher(join(dir, 'pg'));
  const insert = (name: string) =>
    [
      `insert into person (id, name, added_on) values ($1, $2, '2026-11-23')`,
      [newId(), name],
    ] as const;
  try {
    const plain = async () => {
      for (let i = 0; i < WRITES; i++) await db.query(...insert('plain'));
    };
    const flushed = async () => {
      for (let i = 0; i < WRITES; i++) {
        await db.query(...insert('flushed'));
        await flush();
      }
    };
    // In turn, because a table that grows makes whichever comes last look slower.
    const [floors, times]: [number[], number[]] = [[], []];
    for (let round = 0; round < 7; round++) {
      floors.push((await medianMs(plain, 1)) / WRITES);
      times.push((await medianMs(flushed, 1)) / WRITES);
    }
    const floor = { what: 'left to the system', ms: median(floors) };
    const ms = median(times);
    return [{ what: 'a write that the disk has kept', size: `one of ${WRITES}`, ms, floor }];
  } finally {
    await db.close();
    await rm(dir, { recursive: true, force: true });
  }
}
