import { parseArgs } from 'node:util';

import { isPlainDate, type PlainDate } from '@/core/time';

/** What the command line and the environment say. */
export interface Config {
  /** What else than serving is to be done. */
  command: 'serve' | 'passphrase' | 'restore' | 'check';
  /** The file that restoring and checking are about. */
  file: string;
  host: string;
  port: number;
  /** Addresses by which browsers reach it through a reverse proxy; see `Reach`. */
  origins: string[];
  proxies: string;
  /** The public form on an address of its own; null for none. */
  form: { host: string; port: number } | null;
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
  /** The script by which emails are sent in a thread of its own; empty to send them in place. */
  mailWorker: string;
  /** The server's own script, for work in a process of its own. */
  script: string | null;
}

/** A start-up mistake, told in one sentence. */
export class StartFault extends Error {}

/** Reads the command line and the environment, the only place that does. */
export function readConfig(
  argv: readonly string[],
  env: Readonly<Record<string, string | undefined>>,
): Config {
  const { values, positionals } = parse(argv);
  const [command = 'serve', file = '', ...rest] = positionals;
  const wantsFile = command === 'restore' || command === 'check';
  if (!isCommand(command) || rest.length > 0 || (file !== '' && !wantsFile))
    throw new StartFault(`Pen Pal doesn’t know “${positionals.join(' ')}”.`);
  if (wantsFile && !file)
    throw new StartFault('Name the backup: npm run restore -- FILE --data DIR');
  const port = portOf(values.port ?? env.PENPAL_PORT ?? '4310');
  const formPort = values['form-port'] ?? env.PENPAL_FORM_PORT;
  if (values.today !== undefined && !isPlainDate(values.today))
    throw new StartFault(`“${values.today}” is not a day. Write it as 2026-11-23.`);
  const demo = Boolean(values.demo) && !values.empty;
  return {
    command,
    file,
    host: values.host ?? env.PENPAL_HOST ?? '127.0.0.1',
    port,
    origins: (values.origin ?? env.PENPAL_ORIGIN ?? '')
      .split(/[\s,]+/)
      .filter(Boolean)
      .map(originOf),
    proxies: env.PENPAL_PROXIES ?? 'loopback',
    form:
      formPort === undefined
        ? null
        : {
            host: values['form-host'] ?? env.PENPAL_FORM_HOST ?? '127.0.0.1',
            port: portOf(formPort),
          },
    dataDir: values.data ?? env.PENPAL_DATA ?? (demo ? 'data/demo' : 'data/own'),
    databaseUrl: env.PENPAL_DATABASE_URL ?? null,
    today: (values.today as PlainDate | undefined) ?? null,
    mode: demo ? 'demo' : 'own',
    fresh: Boolean(values.fresh),
    webDir: values['api-only'] ? null : (env.PENPAL_WEB_DIR ?? 'dist/web'),
    migrationsDir: env.PENPAL_MIGRATIONS_DIR ?? 'server/db/migrations',
    image: env.PENPAL_IMAGE ?? 'dist/server/image.tar.gz',
    worker: env.PENPAL_WORKER ?? '',
    mailWorker: env.PENPAL_MAIL_WORKER ?? '',
    script: null,
  };
}

const isCommand = (text: string): text is Config['command'] =>
  ['serve', 'passphrase', 'restore', 'check'].includes(text);

function portOf(text: string): number {
  const port = Number(text);
  if (!/^\d+$/.test(text) || port > 65_535)
    throw new StartFault(`“${text}” is not a port. Choose one from 1024 to 65535.`);
  return port;
}

/** An address without a path, as browsers write it in Origin. */
function originOf(text: string): string {
  const url = URL.canParse(text) ? new URL(text) : null;
  if (!url || !/^https?:$/.test(url.protocol) || url.origin !== text.replace(/\/$/, ''))
    throw new StartFault(
      `“${text}” is not an address. Write it as https://penpal.example.com, without a path.`,
    );
  return url.origin;
}

function parse(argv: readonly string[]) {
  try {
    return parseArgs({
      args: [...argv],
      allowPositionals: true,
      options: {
        host: { type: 'string' },
        port: { type: 'string' },
        origin: { type: 'string' },
        'form-host': { type: 'string' },
        'form-port': { type: 'string' },
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
