import { readFile } from 'node:fs/promises';

import { PGlite, types } from '@electric-sql/pglite';
import { pg_trgm } from '@electric-sql/pglite/contrib/pg_trgm';

import { WORD_SIMILARITY, type Db, type Row, type Sql } from './db';
import { walFlusher } from './flush';

const asIs = (text: string) => text;

const PARSERS = {
  // PGlite would make a Date of a day, which is the day before west of Greenwich.
  [types.DATE]: asIs,
  [types.TIMESTAMPTZ]: (text: string) => new Date(text).toISOString(),
  [types.INT8]: Number,
  [types.NUMERIC]: Number,
};

/**
 * Opens PGlite in a directory, or in memory when `dir` is null. `image` is a file made by `dump`
 * that a new directory starts from, which is several times faster than creating one.
 */
export async function openPglite(
  dir: string | null,
  image?: string,
): Promise<Db & { dump(): Promise<Uint8Array> }> {
  const loadDataDir = image ? new Blob([new Uint8Array(await readFile(image))]) : undefined;
  const pg = await PGlite.create({
    ...(dir ? { dataDir: dir } : {}),
    ...(loadDataDir ? { loadDataDir } : {}),
    parsers: PARSERS,
    extensions: { pg_trgm },
  });
  await pg.exec(`set pg_trgm.word_similarity_threshold = ${WORD_SIMILARITY}`);
  // A sample of 3,000 rows is enough to plan by, and keeps nobody waiting.
  await pg.exec('set default_statistics_target = 10');
  const flush = dir ? walFlusher(dir) : null;
  const sqlOn = (on: Pick<PGlite, 'query'>): Sql => ({
    query: async <T extends object = Row>(text: string, params: readonly unknown[] = []) =>
      (await on.query<T>(text, [...params])).rows,
  });
  return {
    kind: 'pglite',
    query: sqlOn(pg).query,
    transaction: async (work, { part = false } = {}) => {
      const result = await pg.transaction((tx) => work(sqlOn(tx as unknown as PGlite)));
      await flush?.({ soon: part });
      return result;
    },
    script: async (text) => {
      await pg.exec(text);
    },
    dump: async () => new Uint8Array(await (await pg.dumpDataDir('gzip')).arrayBuffer()),
    close: () => pg.close(),
  };
}
