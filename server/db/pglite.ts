import { AsyncLocalStorage } from 'node:async_hooks';
import { readFile } from 'node:fs/promises';

import { PGlite, types } from '@electric-sql/pglite';
import { amcheck as amcheckExtension } from '@electric-sql/pglite/contrib/amcheck';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';

import { countingWrites, READS, WORD_SIMILARITY, type Db, type Row, type Sql } from './db';
import { inTurn, walFlusher } from './flush';
import { assertRoom, restartable } from './panic';

const asIs = (text: string) => text;

const PARSERS = {
  // PGlite would make a Date of a day, which is the day before west of Greenwich.
  [types.DATE]: asIs,
  [types.TIMESTAMPTZ]: (text: string) => new Date(text).toISOString(),
  [types.INT8]: Number,
  [types.NUMERIC]: Number,
};

export interface PgliteOptions {
  /** Told when the disk would not keep the log at once. */
  onFlushFault?: (error: unknown) => void;
  /** With the extension that looks for damage. */
  amcheck?: boolean;
}

/** Milliseconds of statements after which others are heard. */
const BREATH_MS = 20;

/**
 * PGlite answers within the same turn of the event loop: whoever asks one thing after the other would
 * keep it to themselves, with nobody's request read meanwhile.
 */
function breather(): () => Promise<void> {
  let heardAt = performance.now();
  return async () => {
    if (performance.now() - heardAt < BREATH_MS) return;
    await new Promise(setImmediate);
    heardAt = performance.now();
  };
}

/** Asks an instance, or a transaction in one, and breathes after each statement. */
const asker =
  (breathe: () => Promise<void>) =>
  (on: Pick<PGlite, 'query'>): Sql => ({
    query: async <T extends object = Row>(text: string, params: readonly unknown[] = []) => {
      const { rows } = await on.query<T>(text, [...params]);
      await breathe();
      return rows;
    },
  });

/** Its files are made through emscripten, which heeds no umask of the process. */
function keepPrivate({ Module: { FS } }: PGlite): void {
  const chmod = FS.chmod.bind(FS);
  FS.chmod = (path: string, mode: number, ...rest: unknown[]) =>
    chmod(path, mode & ~0o077, ...rest);
}

async function start(
  dir: string | null,
  { image, amcheck }: { image?: string | undefined; amcheck: boolean },
): Promise<PGlite> {
  const loadDataDir = image ? new Blob([new Uint8Array(await readFile(image))]) : undefined;
  const pg = await PGlite.create({
    ...(dir ? { dataDir: dir } : {}),
    ...(loadDataDir ? { loadDataDir } : {}),
    parsers: PARSERS,
    extensions: { pg_trgm, ...(amcheck ? { amcheck: amcheckExtension } : {}) },
  });
  keepPrivate(pg);
  await pg.exec(`set pg_trgm.word_similarity_threshold = ${WORD_SIMILARITY}`);
  // A sample of 3,000 rows is enough to plan by, and keeps nobody waiting.
  await pg.exec('set default_statistics_target = 10');
  // Old parts of the log are removed, not kept for later with what stands in them.
  await pg.exec('set wal_recycle = off');
  return pg;
}

/**
 * Opens PGlite in a directory, or in memory when `dir` is null. `image` is a file made by `dump`
 * that a new directory starts from, which is several times faster than creating one.
 */
export async function openPglite(
  dir: string | null,
  image?: string,
  { onFlushFault = () => {}, amcheck = false }: PgliteOptions = {},
): Promise<Db & { dump(): Promise<Uint8Array> }> {
  const hasRoom = async () => {
    if (dir) await assertRoom(dir);
  };
  const server = restartable(await start(dir, { image, amcheck }), async () => {
    await hasRoom();
    if (dir) return start(dir, { amcheck });
    throw new Error('The in-memory database stopped and can’t be restarted.');
  });
  const flush = dir ? walFlusher(dir) : null;
  const turns = inTurn();
  const sqlOn = asker(breather());
  // A transaction has the database to itself: who asks past their own would wait for themselves for ever.
  const within = new AsyncLocalStorage<true>();
  const assertOutside = () => {
    if (within.getStore()) throw new Error('Within a transaction everything is asked through it.');
  };
  // It is committed: the caller is told so, whatever the disk says now. What it could not keep is
  // flushed again with the next write.
  const keep = async (how?: { soon?: boolean }) => {
    if (flush) await turns(() => flush(how)).catch(onFlushFault);
  };
  return countingWrites({
    kind: 'pglite' as const,
    query: async <T extends object>(text: string, params?: readonly unknown[]) => {
      assertOutside();
      const rows = await sqlOn(await server.live()).query<T>(text, params);
      if (!READS.test(text)) await keep();
      return rows;
    },
    transaction: async (work, { part = false } = {}) => {
      assertOutside();
      const pg = await server.live();
      const result = await pg.transaction((tx) =>
        within.run(true, () => work(sqlOn(tx as unknown as PGlite))),
      );
      await keep({ soon: part });
      return result;
    },
    checkpoint: () =>
      turns(async () => {
        await hasRoom();
        await (await server.live()).query('checkpoint');
      }),
    script: async (text) => {
      await (await server.live()).exec(text);
      await keep();
    },
    dump: async () => {
      const file = await (await server.live()).dumpDataDir('gzip');
      return new Uint8Array(await file.arrayBuffer());
    },
    close: () => server.close(),
  });
}
