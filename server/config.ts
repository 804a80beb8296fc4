import { parseArgs } from 'node:util';

import { isPlainDate, type PlainDate } from '@/core/time';

export interface Config {
  host: string;
  port: number;
  dataDir: string;
  databaseUrl: string | null;
  /** Starts as of this day. */
  today: PlainDate | null;
  mode: 'demo' | 'own';
  /** Begins with new data; the present directory is moved aside. */
  fresh: boolean;
  webDir: string | null;
  migrationsDir: string;
  image: string;
  /** The script of a thread; where it was not built, what is heavy is computed in place. */
  worker: string;
}

/** A start-up mistake, told in one sentence. */
export class StartFault extends Error {}

/** Reads the command line and the environment, the only place that does. */
export function readConfig(
  argv: readonly string[],
  env: Readonly<Record<string, string | undefined>>,
): Config {
  const { values } = parse(argv);
  const port = Number(values.port ?? env.PENPAL_PORT ?? 4310);
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new StartFault(
      `“${values.port ?? env.PENPAL_PORT}” is not a port. Choose one from 1024 to 65535.`,
    );
  if (values.today !== undefined && !isPlainDate(values.today))
    throw new StartFault(`“${values.today}” is not a day. Write it as 2026-11-23.`);
  const demo = Boolean(values.demo) && !values.empty;
  return {
    host: values.host ?? env.PENPAL_HOST ?? '127.0.0.1',
    port,
    dataDir: values.data ?? env.PENPAL_DATA ?? (demo ? 'data/demo' : 'data/own'),
    databaseUrl: env.PENPAL_DATABASE_URL ?? null,
    today: (values.today as PlainDate | undefined) ?? null,
    mode: demo ? 'demo' : 'own',
    fresh: Boolean(values.fresh),
    webDir: values['api-only'] ? null : (env.PENPAL_WEB_DIR ?? 'dist/web'),
    migrationsDir: env.PENPAL_MIGRATIONS_DIR ?? 'server/db/migrations',
    image: env.PENPAL_IMAGE ?? 'dist/server/image.tar.gz',
    worker: env.PENPAL_WORKER ?? '',
  };
}

function parse(argv: readonly string[]) {
  try {
    return parseArgs({
      args: [...argv],
      options: {
        host: { type: 'string' },
        port: { type: 'string' },
        data: { type: 'string' },
        today: { type: 'string' },
        fresh: { type: 'boolean' },
        empty: { type: 'boolean' },
        demo: { type: 'boolean' },
        'api-only': { type: 'boolean' },
      },
    });
  } catch (error) {
    throw new StartFault(`${(error as Error).message}.`);
  }
}
