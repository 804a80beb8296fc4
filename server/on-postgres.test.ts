import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import pg from 'pg';

import { call } from '@/contract/call';
import { addPerson, listPeople } from '@/contract/people';
import { health } from '@/contract/settings';
import { failToStart, startServer } from '@/testing/process';

const SERVER = process.env.PENPAL_DATABASE_URL;

// The product itself, by its own command, on a PostgreSQL server; only where one is at hand.
(SERVER ? test : test.skip)(
  'on a PostgreSQL server it starts, keeps what is written, and holds the database alone',
  async () => {
    const admin = new pg.Client({ connectionString: SERVER });
    await admin.connect();
    const name = `penpal_product_${process.pid}`;
    await admin.query(`create database ${name}`);
    const dir = await mkdtemp(join(tmpdir(), 'penpal-on-postgres-'));
    const env = { PENPAL_DATABASE_URL: SERVER!.replace('/postgres?', `/${name}?`) };
    const args = ['--port', '0', '--data', join(dir, 'data')];
    try {
      const first = await startServer(args, env);
      expect(await call(health, {}, { base: first.url })).toMatchObject({
        database: { kind: 'postgres' },
      });
      const body = { givenName: 'Ana', phone: '555-0101' };
      await call(addPerson, { body }, { base: first.url });
      expect((await failToStart(args, env)).output).toMatch(/already open in another Pen Pal/);
      await first.end('SIGKILL');
      const again = await startServer(args, env);
      expect((await call(listPeople, {}, { base: again.url })).total).toBe(1);
      await again.end('SIGTERM');
    } finally {
      await admin.query(`drop database ${name} with (force)`);
      await admin.end();
      await rm(dir, { recursive: true, force: true });
    }
  },
  120_000,
);
