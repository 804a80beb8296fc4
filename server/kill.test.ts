import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { refusedByPostgres } from '@/testing/kill/dump';
import { killTest } from '@/testing/kill/kill';
import { Ledger } from '@/testing/kill/ledger';

// Each kill is a start of the product, which takes seconds, and far longer where the machine is busy.
jest.setTimeout(900_000);

/** Where a PostgreSQL server is at hand, few are killed: there it is about what such a server takes in. */
const ON_POSTGRES = Boolean(process.env.PENPAL_DATABASE_URL);

test('killed at random moments, nothing is lost, half-written, written though refused, or damaged', async () => {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-kill-'));
  try {
    const { kills, acknowledged, findings } = await killTest({
      kills: ON_POSTGRES ? 4 : 20,
      seed: 20261126,
      dir,
      ...(ON_POSTGRES ? { look: refusedByPostgres } : {}),
    });
    expect(findings).toEqual([]);
    expect(acknowledged).toBeGreaterThan(ON_POSTGRES ? 2 : 20);
    // The seed is one whose twenty kills meet every moment.
    if (!ON_POSTGRES) expect(Math.min(...Object.values(kills))).toBeGreaterThan(0);
  } finally {
    await rm(dir, { recursive: true, force: true });
  }
});

test('what would be wrong is found', () => {
  const ledger = new Ledger();
  for (const key of ['kept', 'refused', 'open', 'twice']) ledger.ask(key);
  ledger.ask('file', ['a', 'b']);
  for (const key of ['kept', 'twice', 'file']) ledger.answered(key, 'there');
  ledger.answered('refused', 'absent');
  const found = { refused: 1, twice: 2, a: 1 };
  expect(ledger.settle(new Map(Object.entries(found))).sort()).toEqual([
    'half: 1 of 2 of file',
    'lost: kept',
    'twice: twice',
    'written though refused: refused',
  ]);
  // What was open and is not there stays away.
  expect(ledger.settle(new Map([['open', 1]]))).toContain('written though refused: open');
});
