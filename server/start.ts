import type { Server } from 'node:http';
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';

import { Router } from 'express';
import { pino } from 'pino';

import { LIST_SERVICE } from '@/demo';
import { listService } from '@/standins';

import packageJson from '../package.json';
import { rollBackUnfinished, tableFaults, TABLES } from './act';
import { createClock, setToday } from './clock';
import { StartFault, type Config } from './config';
import { Writes, type Context } from './context';
import { openDb } from './db';
import { House } from './house';
import { createApp } from './http/app';
import { refreshKeys } from './people';
import { readServices } from './services';
import { readSettings, readShift } from './settings';
import { SUBJECTS } from './subjects';
import { keepRunning } from './tasks';
import { inPlace, inThreads } from './threads';

export interface Running {
  ctx: Context;
  url: string;
  close(): Promise<void>;
}

/** Opens the data, sets the clock, and serves API and application on one port. */
export async function start(config: Config): Promise<Running> {
  const log = pino({ level: 'warn' });
  const opened = await openDb({
    url: config.databaseUrl,
    dataDir: resolve(config.dataDir),
    migrationsDir: resolve(config.migrationsDir),
    image: resolve(config.image),
  });
  try {
    const settings = await readSettings(opened.db);
    const house = new House(SUBJECTS);
    const faults = await tableFaults(opened.db, house.of(TABLES));
    if (faults.length > 0) throw new StartFault(faults.join(' '));
    const ctx: Context = {
      db: opened.db,
      clock: createClock(settings.timeZone),
      house,
      threads: existsSync(config.worker) ? inThreads(resolve(config.worker)) : inPlace,
      log,
      dataDir: config.databaseUrl ? null : resolve(config.dataDir),
      demo: config.mode === 'demo',
      version: packageJson.version,
      schema: opened.schema,
      writes: new Writes(),
      inFlight: 0,
    };
    if (ctx.demo) ctx.clock.shiftDays = await readShift(ctx);
    if (config.today) setToday(ctx.clock, config.today);
    const left = await rollBackUnfinished(ctx);
    if (left > 0) log.warn({ left }, 'an action that never became whole was taken back');
    await refreshKeys(ctx.db);
    const app = createApp(ctx, {
      webDir: config.webDir && resolve(config.webDir),
      log,
      ...(ctx.demo ? { standins: standIns(ctx) } : {}),
    });
    const server = await listen(app, config);
    const tasks = await keepRunning(ctx);
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : config.port;
    return {
      ctx,
      url: `http://${config.host.includes(':') ? `[${config.host}]` : config.host}:${port}`,
      close: async () => {
        await tasks.stop();
        await new Promise((done) => {
          server.close(done);
          server.closeAllConnections();
        });
        await opened.close();
      },
    };
  } catch (error) {
    await opened.close();
    throw error;
  }
}

/** The outside world of the demo: speaks what real services speak, on the same port. */
function standIns(ctx: Context): Router {
  const router = Router();
  const secret = async () =>
    (await readServices(ctx.db)).find(({ url }) => url.endsWith(LIST_SERVICE))?.secret ?? null;
  router.use('/list', listService(secret));
  return router;
}

function listen(app: ReturnType<typeof createApp>, { host, port }: Config): Promise<Server> {
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
