import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';

import { mkdtemp, rm } from 'node:fs/promises';
import { randomBytes } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { call, CallFault } from '@/contract/call';
import type { CallInput, CallOutput, Endpoint } from '@/contract/endpoint';
import { plainDate } from '@/core/time';
import { LOOPBACK, PassphraseFile, Sessions, Tries, type Reach } from '@/server/guard';
import { createClock, setToday, type Clock } from '@/server/clock';
import { Background, Writes, type Context } from '@/server/context';
import { createApp } from '@/server/http/app';
import { endServer } from '@/server/http/end';
import { House } from '@/server/house';
import { keysOf } from '@/server/keys';
import { createLog } from '@/server/log';
import { SUBJECTS } from '@/server/subjects';
import { inPlace } from '@/server/threads';

import { takeTestDb } from './db';

export interface TestApi {
  ctx: Context;
  clock: Clock;
  url: string;
  /** Calls an endpoint as a browser would, over HTTP. */
  call<E extends Endpoint>(endpoint: E, input?: CallInput<E>): Promise<CallOutput<E>>;
  /** The refusal that a call meets; fails if it is accepted. */
  refusal<E extends Endpoint>(endpoint: E, input?: CallInput<E>): Promise<CallFault>;
  close(): Promise<void>;
}

/** The real server on a real database, as of `today`, for one suite. */
export async function startTestApi({
  today = '2026-11-23',
  demo = false,
  subjects = SUBJECTS,
  reach = LOOPBACK,
  now,
}: {
  today?: string;
  demo?: boolean;
  subjects?: typeof SUBJECTS;
  reach?: Reach;
  /** The machine's clock, for what happens by the hour. */
  now?: () => number;
} = {}): Promise<TestApi> {
  const { db, giveBack } = await takeTestDb();
  const dir = await mkdtemp(join(tmpdir(), 'penpal-access-'));
  const clock = createClock('America/Los_Angeles', now);
  setToday(clock, plainDate(today));
  const log = createLog(process.env.PENPAL_TEST_LOG ?? 'silent');
  const ctx: Context = {
    db,
    clock,
    house: new House(subjects),
    threads: inPlace,
    mailWorker: null,
    guard: {
      reach,
      passphrase: new PassphraseFile(dir),
      sessions: new Sessions(db),
      tries: new Tries(),
    },
    keys: keysOf(randomBytes(32)),
    log,
    dataDir: null,
    script: null,
    demo,
    outsideUrl: null,
    version: 'test',
    schema: 1,
    background: new Background(),
    writes: new Writes(),
    inFlight: 0,
  };
  const app = createApp(ctx, { webDir: null, log });
  const server = await new Promise<Server>((done) => {
    const listening = app.listen(0, '127.0.0.1', () => done(listening));
  });
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  return {
    ctx,
    clock,
    url: base,
    call: (endpoint, input) => call(endpoint, input, { base }),
    refusal: async (endpoint, input) => {
      try {
        await call(endpoint, input, { base });
      } catch (error) {
        if (error instanceof CallFault) return error;
        throw error;
      }
      throw new Error(`${endpoint.path} was accepted`);
    },
    // What is still under way would go on in the database of the next test.
    close: async () => {
      await Promise.all([ctx.background.stop(), endServer(server, GRACE_MS)]);
      await giveBack();
      await rm(dir, { recursive: true });
    },
  };
}

/** Requests that are under way are answered to their end, for so long. */
const GRACE_MS = 30_000;

export const base64 = (text: string): string => Buffer.from(text).toString('base64');
