import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { call } from '@/contract/call';
import { saveMail } from '@/contract/carriers';
import { getMessage, writeMessage } from '@/contract/messages';
import { addPerson } from '@/contract/people';
import { mailServer } from '@/standins';
import { startServer, type ServerProcess } from '@/testing/process';

const KILLS = Number(process.env.PENPAL_KILLS ?? 5);
const AT_ONCE = 12;

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

test(
  'a process that is killed while it sends hands each message over once, or says that it is in doubt',
  async () => {
    const dir = await mkdtemp(join(tmpdir(), 'penpal-sending-'));
    const mail = await mailServer({});
    const begin = () => startServer(['--data', dir, '--port', '0']);
    let server: ServerProcess = await begin();
    try {
      const { url } = server;
      const setup = {
        host: '127.0.0.1',
        port: mail.smtpPort,
        security: 'none' as const,
        user: 'owner',
        fromAddress: 'marisol@example.com',
        fromName: 'Marisol Quane',
        perMinute: 1000,
        perDay: 100_000,
      };
      await call(saveMail, { body: { setup, secret: 'harbor' } }, { base: url });
      const body = { givenName: 'Rosa', familyName: 'Lind', email: 'rosa@example.com' };
      const { id: personId } = await call(addPerson, { body }, { base: url });
      const written: { id: string }[] = [];
      for (let kill = 0; kill < KILLS; kill++) {
        const base = server.url;
        const before = mail.arrived.length;
        const writing = Array.from({ length: AT_ONCE }, async (_, i) => {
          const words = `Kill ${kill}, message ${i}`;
          const { id } = await call(
            writeMessage,
            { body: { personId, kind: 'email', subject: '', words } },
            { base },
          );
          written.push({ id });
        });
        const all = Promise.allSettled(writing);
        // In the midst of it: when some have arrived, and others are on their way.
        const some = before + Math.floor(Math.random() * AT_ONCE);
        for (let ms = 0; ms < 5_000 && mail.arrived.length < some; ms++) await pause(1);
        await pause(Math.random() * 20);
        await server.end('SIGKILL');
        await all;
        server = await begin();
      }
      const { url: base } = server;
      // What was ready goes once it is looked for; the first look is at the start.
      const statesNow = () =>
        Promise.all(written.map(({ id }) => call(getMessage, { params: { id } }, { base })));
      let messages = await statesNow();
      const isUnderWay = () =>
        messages.some(({ state }) => state === 'ready' || state === 'sending');
      for (let looks = 0; looks < 100 && isUnderWay(); looks++) {
        await pause(200);
        messages = await statesNow();
      }
      const arrivals = new Map<string, number>();
      for (const { mail: one } of mail.arrived)
        arrivals.set(one.text!, (arrivals.get(one.text!) ?? 0) + 1);
      expect([...arrivals.values()].filter((n) => n > 1)).toEqual([]);
      expect(arrivals.size).toBeGreaterThan(0);
      for (const message of messages)
        // It has arrived once, or the owner is told that it may have.
        if (message.state === 'held') expect(message.remedy).toBe('unclear');
        else expect([message.state, arrivals.get(message.words)]).toEqual(['sent', 1]);
    } finally {
      await server.end('SIGKILL');
      await mail.close();
      await rm(dir, { recursive: true, force: true });
    }
  },
  60_000 + KILLS * 12_000,
);

test('one that is stopped ends what it sends: each message is sent once or still to go, none in doubt', async () => {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-stopping-'));
  const mail = await mailServer({});
  const begin = () => startServer(['--data', dir, '--port', '0']);
  let server: ServerProcess = await begin();
  try {
    const setup = {
      host: '127.0.0.1',
      port: mail.smtpPort,
      security: 'none' as const,
      user: 'owner',
      fromAddress: 'marisol@example.com',
      fromName: 'Marisol Quane',
      perMinute: 1000,
      perDay: 100_000,
    };
    await call(saveMail, { body: { setup, secret: 'harbor' } }, { base: server.url });
    const body = { givenName: 'Rosa', familyName: 'Lind', email: 'rosa@example.com' };
    const { id: personId } = await call(addPerson, { body }, { base: server.url });
    const written: string[] = [];
    const writing = Promise.allSettled(
      Array.from({ length: 30 }, async (_, i) => {
        const words = `Stop, message ${i}`;
        const message = { personId, kind: 'email' as const, subject: '', words };
        const { id } = await call(writeMessage, { body: message }, { base: server.url });
        written.push(id);
      }),
    );
    for (let ms = 0; ms < 5_000 && mail.arrived.length < 5; ms++) await pause(1);
    await server.end('SIGTERM');
    await writing;
    server = await begin();
    const states = async () =>
      Promise.all(
        written.map(
          async (id) => (await call(getMessage, { params: { id } }, { base: server.url })).state,
        ),
      );
    for (let looks = 0; looks < 100 && (await states()).some((one) => one !== 'sent'); looks++)
      await pause(200);
    expect(new Set(await states())).toEqual(new Set(['sent']));
    const texts = mail.arrived.map(({ mail: one }) => one.text);
    expect(new Set(texts).size).toBe(texts.length);
  } finally {
    await server.end('SIGKILL');
    await mail.close();
    await rm(dir, { recursive: true, force: true });
  }
}, 90_000);
