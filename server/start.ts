import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { existsSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import { resolve } from 'node:path';

import { TOPICS } from '@/contract/topics';

import packageJson from '../package.json';
import { isGuarded, PassphraseFile, Sessions, Tries, type Reach } from './guard';
import { createClock, setToday } from './clock';
import { StartFault, type Config } from './config';
import { Background, Writes, type Context } from './context';
import { openDb } from './db';
import { House } from './house';
import { createApp, createFormApp, endServer } from './http';
import { readKeys } from './keys';
import { createLog } from './log';
import { DECLARATION_FAULTS, SHUTDOWN, STAND_INS, STARTUP, type StandIn } from './lifecycle';
import { readSettings, readShift } from './settings';
import { SUBJECTS } from './subjects';
import { startTasks } from './tasks';
import { inPlace, inThreads } from './threads';

/** A Pen Pal that runs. */
export interface Running {
  ctx: Context;
  url: string;
  /** Where the demo's stand-ins listen, by protocol. */
  ports: Readonly<Record<string, number>>;
  /** Where the public form stands by itself. */
  formUrl: string | null;
  close(): Promise<void>;
}

/** Opens the data, sets the clock, and serves API and application on one port. */
export async function start(config: Config): Promise<Running> {
  const log = createLog('warn');
  await assertPassphrase(config);
  const writes = new Writes();
  const opened = await openData(config, log, writes);
  try {
    const ctx = await newContext(config, opened, log, writes);
    if (ctx.demo) ctx.clock.shiftDays = await readShift(ctx);
    if (config.today) setToday(ctx.clock, config.today);
    await runStartup(ctx);
    const standIns = ctx.demo ? await startStandIns(ctx, config.port) : [];
    const app = createApp(ctx, {
      webDir: config.webDir && resolve(config.webDir),
      log,
      standIns,
    });
    const server = await listen(app, config);
    const form = config.form ? await listen(createFormApp(ctx, log), config.form) : null;
    const url = urlOf(config.host, server);
    // In the demo the only readers of links are on this machine.
    if (ctx.demo) ctx.outsideUrl ??= url;
    const tasks = await startTasks(ctx);
    return {
      ctx,
      url,
      ports: Object.assign({}, ...standIns.map(({ ports }) => ports)) as Running['ports'],
      formUrl: config.form && form ? urlOf(config.form.host, form) : null,
      close: async () => {
        await drain(ctx, [
          tasks.stop(),
          ...[server, form].flatMap((one) => (one ? [endServer(one, GRACE_MS)] : [])),
        ]);
        for (const step of ctx.house.of(SHUTDOWN)) await step(ctx);
        for (const { close } of standIns) await close?.();
        await opened.close();
      },
    };
  } catch (error) {
    await opened.close();
    throw error;
  }
}

const openData = (config: Config, log: Context['log'], writes: Writes) =>
  openDb({
    url: config.databaseUrl,
    dataDir: resolve(config.dataDir),
    migrationsDir: resolve(config.migrationsDir),
    image: resolve(config.image),
    onFault: (err) => log.error({ err }, 'the database reported a fault'),
    onLost: (err) =>
      log.warn({ err }, 'the database is not ours any more: writing has stopped until it is'),
    onHeld: (changed) => {
      log.warn({ changed }, 'the database is ours again: writing goes on');
      if (!changed) return;
      // What another process wrote in between is read anew.
      writes.bumpTopics(TOPICS);
      writes.markStale('everybody');
    },
  });

async function newContext(
  config: Config,
  { db, schema }: Awaited<ReturnType<typeof openDb>>,
  log: Context['log'],
  writes: Writes,
): Promise<Context> {
  const dataDir = resolve(config.dataDir);
  return {
    db,
    clock: createClock((await readSettings(db)).timeZone),
    house: new House(SUBJECTS),
    threads: existsSync(config.worker) ? inThreads(resolve(config.worker)) : inPlace,
    mailWorker: existsSync(config.mailWorker) ? resolve(config.mailWorker) : null,
    guard: {
      reach: reachOf(config),
      passphrase: new PassphraseFile(dataDir),
      sessions: await Sessions.load(db),
      tries: new Tries(),
    },
    keys: readKeys(dataDir),
    log,
    dataDir: config.databaseUrl ? null : dataDir,
    script: config.script,
    demo: config.mode === 'demo',
    outsideUrl: config.origins[0] ?? null,
    version: packageJson.version,
    schema,
    background: new Background(),
    writes,
    inFlight: 0,
  };
}

const startStandIns = async (ctx: Context, port: number): Promise<StandIn[]> =>
  Promise.all(ctx.house.of(STAND_INS).map((begin) => begin(ctx, port)));

/** @throws StartFault that says what is wrong with what is declared */
async function runStartup(ctx: Context): Promise<void> {
  const faults: string[] = [];
  for (const find of ctx.house.of(DECLARATION_FAULTS)) faults.push(...(await find(ctx)));
  if (faults.length > 0) throw new StartFault(faults.join(' '));
  for (const { name, run } of ctx.house.of(STARTUP)) {
    const found = await run(ctx);
    if (found) ctx.log.warn({ step: name }, found);
  }
}

/**
 * Begins nothing new and waits for what is under way: requests for a few seconds, what is being sent for as
 * long as a mail server usually takes. What takes longer is left in doubt, and the owner is asked.
 */
async function drain(ctx: Context, ends: readonly Promise<unknown>[]): Promise<void> {
  const stopping = Promise.all([ctx.background.stop(), ...ends]);
  const within = (ms: number) =>
    Promise.race([
      stopping.then(() => true),
      new Promise<boolean>((done) => setTimeout(() => done(false), ms).unref()),
    ]);
  if (await within(GRACE_MS)) return;
  ctx.log.warn('Still sending. Pen Pal ends when that is done, within 30 seconds.');
  if (!(await within(SENDING_MS))) ctx.log.warn('Some of what was being sent is in doubt.');
}

/** @throws StartFault where others could come in and there is no passphrase yet */
export async function assertPassphrase(config: Config): Promise<void> {
  if (!isReached(config) || (await new PassphraseFile(resolve(config.dataDir)).id())) return;
  throw new StartFault(
    `Others could reach Pen Pal at ${config.origins[0] ?? config.host}, so it wants a passphrase first. Set one with: npm run passphrase -- --data ${config.dataDir}`,
  );
}

/** Whether others than the users of this machine can reach it. */
export const isReached = (config: Config): boolean => isGuarded(reachOf(config));

const reachOf = ({ host, origins, proxies }: Config): Reach => ({
  host,
  origins,
  proxies,
  machine: [
    hostname(),
    `${hostname()}.local`,
    ...Object.values(networkInterfaces()).flatMap((all) => (all ?? []).map((one) => one.address)),
  ],
});

function urlOf(host: string, server: Server): string {
  const { port } = server.address() as AddressInfo;
  return `http://${host.includes(':') ? `[${host}]` : host}:${port}`;
}

/** Requests that are under way are answered to their end, for so long. */
const GRACE_MS = 5_000;
/** What is being sent is waited for so much longer. */
const SENDING_MS = 25_000;

interface At {
  host: string;
  port: number;
}

function listen(app: ReturnType<typeof createApp>, { host, port }: At): Promise<Server> {
  return new Promise((done, fail) => {
    const server = app.listen(port, host, (error?: Error) => {
      if (!error) return done(server);
      const { code } = error as NodeJS.ErrnoException;
      if (code === 'EADDRINUSE')
        return fail(new StartFault(`Port ${port} is in use. Choose another one with --port.`));
      if (code === 'EACCES')
        return fail(
          new StartFault(`Port ${port} may not be used by you. Choose one above 1023 with --port.`),
        );
      fail(error);
    });
  });
}
