import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import pg from 'pg';

import { call } from '@/contract/call';
import { addPerson, listPeople } from '@/contract/people';
import { health } from '@/contract/settings';
import { failToStart, startServer } from '@/testing/process';
import { withPostgres } from '@/testing/with-postgres';

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

(SERVER ? test : test.skip)(
  'a server that restarts is ridden out: what was acknowledged is there, and the program goes on',
  () =>
    withPostgres(async (url: string, restart: () => void) => {
      const dir = await mkdtemp(join(tmpdir(), 'penpal-on-postgres-'));
      const args = ['--port', '0', '--data', join(dir, 'data')];
      const product = await startServer(args, { PENPAL_DATABASE_URL: url });
      const base = product.url;
      const acknowledged: string[] = [];
      let going = true;
      const writing = Array.from({ length: 3 }, async (_, writer) => {
        for (let n = 0; going; n++) {
          const givenName = `Writer${writer} ${n}`;
          await call(addPerson, { body: { givenName } }, { base }).then(
            () => acknowledged.push(givenName),
            () => {},
          );
        }
      });
      try {
        for (let n = 0; n < 3; n++) {
          await new Promise((later) => setTimeout(later, 700));
          restart();
        }
        const before = acknowledged.length;
        for (let ms = 0; ms < 20_000 && acknowledged.length < before + 10; ms += 50)
          await new Promise((later) => setTimeout(later, 50));
        going = false;
        await Promise.all(writing);
        expect(acknowledged.length).toBeGreaterThanOrEqual(before + 10);
        const reader = new pg.Client({ connectionString: url });
        await reader.connect();
        const { rows } = await reader.query<{ name: string }>('select name from person_all');
        await reader.end();
        const there = new Set(rows.map(({ name }) => name));
        expect(acknowledged.filter((name) => !there.has(name))).toEqual([]);
        expect(there.size).toBe(rows.length);
      } finally {
        await product.end('SIGTERM');
        await rm(dir, { recursive: true, force: true });
      }
    }),
  120_000,
);
