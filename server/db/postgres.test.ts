import pg from 'pg';

import { DatabaseAway, DatabaseHeld, DatabaseLock, migrate, readMigrations, type Db } from '.';
import { openPostgres } from './postgres';

const SERVER = process.env.PENPAL_DATABASE_URL;

// Only where a PostgreSQL server is at hand; PGlite has a lock file instead (lock.test.ts).
(SERVER ? describe : describe.skip)('on a PostgreSQL server', () => {
  let [admin, db, lock]: [pg.Client, Db, DatabaseLock] = [null!, null!, null!];
  let [url, name, told]: [string, string, string[]] = ['', '', []];
  const events = {
    onLost: () => void told.push('lost'),
    onHeld: (changed: boolean) => void told.push(changed ? 'held, changed' : 'held'),
  };

  beforeEach(async () => {
    told = [];
    name = `penpal_lock_${process.pid}_${Date.now()}`;
    url = SERVER!.replace('/postgres?', `/${name}?`);
    admin = new pg.Client({ connectionString: SERVER! });
    await admin.connect();
    await admin.query(`create database ${name}`);
    lock = await DatabaseLock.take(url, events);
    db = openPostgres(url, { lock });
    await migrate(db, await readMigrations('server/db/migrations'));
    await lock.claimEpoch();
  });
  afterEach(async () => {
    await db.close();
    await lock.release();
    await admin.query(`drop database ${name} with (force)`);
    await admin.end();
  });

  /** Cuts connections, as an administrator or a failover does. */
  const cut = (which: string) =>
    admin.query(
      `select pg_terminate_backend(pid) from pg_stat_activity
       where datname = $1 and pid <> pg_backend_pid() and ${which}`,
      [name],
    );
  const HOLDS = `pid in (select pid from pg_locks where locktype = 'advisory' and granted)`;
  const until = async (done: () => boolean) => {
    for (let ms = 0; ms < 20_000 && !done(); ms += 20)
      await new Promise((later) => setTimeout(later, 20));
  };
  const note = (key: string) => db.query(`insert into memo (key, value) values ($1, '1')`, [key]);
  const noted = async () =>
    (await db.query<{ key: string }>('select key from memo order by key')).map(({ key }) => key);

  test('it is taken by one process only, and free again after it', async () => {
    await expect(DatabaseLock.take(url)).rejects.toThrow(DatabaseHeld);
    await lock.release();
    await (await DatabaseLock.take(url)).release();
  });

  test('a lost lock stops writing until it is held again', async () => {
    await cut(HOLDS);
    await until(() => told.length > 0);
    await note('a');
    expect(told).toEqual(['lost', 'held']);
    expect(await noted()).toEqual(['a']);
  });

  test('who lost the database to another process writes no more, until that one ends', async () => {
    await note('a');
    await cut(HOLDS);
    const other = await DatabaseLock.take(url);
    // Even before the loss was noticed.
    await expect(note('b')).rejects.toThrow(DatabaseAway);
    await expect(db.transaction((tx) => tx.query('delete from memo'))).rejects.toThrow(
      /Another Pen Pal is using this database/,
    );
    expect(await noted()).toEqual(['a']);
    await other.release();
    await until(() => told.length > 1);
    await note('c');
    expect(told).toEqual(['lost', 'held, changed']);
    expect(await noted()).toEqual(['a', 'c']);
  }, 60_000);

  test('two that take it from each other again and again never write at the same time', async () => {
    await db.script('create table trace (n serial, epoch int)');
    const write = (to: Db) =>
      to
        .transaction(async (tx) => {
          const before = await tx.query<{ epoch: number }>('select epoch from instance');
          await tx.query('select pg_sleep(0.01)');
          await tx.query('insert into trace (epoch) values ($1::int)', [before[0]!.epoch]);
        })
        .catch(() => {});
    let going = true;
    const writers = Array.from({ length: 4 }, async () => {
      while (going) await write(db);
    });
    for (let n = 0; n < 5; n++) {
      await cut(HOLDS);
      const rival = await DatabaseLock.take(url).catch(() => null);
      if (!rival) continue;
      const theirs = openPostgres(url, { lock: rival });
      await Promise.all([write(theirs), write(theirs)]);
      await theirs.close();
      await rival.release();
    }
    going = false;
    await Promise.all(writers);
    const rows = await db.query<{ epoch: number }>('select epoch from trace order by n');
    const epochs = rows.map(({ epoch }) => epoch);
    expect(epochs.length).toBeGreaterThan(5);
    expect(epochs).toEqual(epochs.toSorted((a, b) => a - b));
  }, 120_000);

  test('cut connections end nothing: what was acknowledged is there, and work goes on', async () => {
    const acknowledged: string[] = [];
    const cuts = (async () => {
      for (let n = 0; n < 8; n++) {
        await new Promise((later) => setTimeout(later, 60));
        await cut('true');
      }
    })();
    await Promise.all(
      Array.from({ length: 5 }, async (_, writer) => {
        for (let n = 0; n < 40; n++) {
          const key = `${writer}:${String(n).padStart(2, '0')}`;
          await db
            .transaction((tx) => tx.query(`insert into memo (key, value) values ($1, '1')`, [key]))
            .then(
              () => acknowledged.push(key),
              (error: unknown) => expect(error).toBeInstanceOf(DatabaseAway),
            );
        }
      }),
    );
    await cuts;
    const there = new Set(await noted());
    expect(acknowledged.length).toBeGreaterThan(100);
    expect(acknowledged.filter((key) => !there.has(key))).toEqual([]);
  }, 120_000);
});
