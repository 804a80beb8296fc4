import nodemailer from 'nodemailer';

import { call } from '@/contract/call';
import { saveMail } from '@/contract/carriers';
import { listPeople } from '@/contract/people';
import { listOutbox, writeMany } from '@/contract/messages';
import { saveSettings } from '@/contract/settings';
import { newId } from '@/server/db';

import { startPeer, type Peer } from './peer';
import { bring, inDirectory, settled, startProduct, timed } from './product';
import type { Figure } from './table';

/** A zone in which it is late afternoon: what Pen Pal sends today is due, and nothing is quiet. */
export const afternoon = (): string => {
  const ahead = 17 - new Date().getUTCHours();
  const hours = ((ahead + 36) % 24) - 12;
  // POSIX counts westward.
  return hours === 0 ? 'Etc/GMT' : `Etc/GMT${hours > 0 ? '-' : '+'}${Math.abs(hours)}`;
};

export const everybody = { filter: {} };
const INNER = '0190a000-0000-7000-8000-000000000001';
const SUBJECT = 'A line, {{ first_name }}';
const WORDS = 'Dear {{ first_name }},\n\nhow is the house? Rates moved a little this month.';

export const toAll = (base: string, more: object = {}) =>
  call(
    { ...writeMany, long: true },
    {
      body: {
        who: everybody,
        kind: 'email',
        subject: SUBJECT,
        words: WORDS,
        once: newId(),
        ...more,
      },
    },
    { base },
  );

const sleep = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Counts what the peer takes while something sends so many; milliseconds from the first to the last. */
async function arriving(peer: Peer, count: number, send: () => Promise<unknown>): Promise<number> {
  await peer.reset();
  const sending = send();
  let state = await peer.state();
  for (; state.count < count; state = await peer.state()) await sleep(10);
  await sending;
  return state.ms;
}

/**
 * 2,000 emails through the whole way, beside a bare pooled mailer that sends as many to the same peer; each
 * has sent some before, as it does in a program that runs for days.
 */
export async function benchSending(): Promise<Figure[]> {
  const [EMAILS, BEFORE] = [2_000, 500];
  const peer = await startPeer();
  const figures: Figure[] = [];
  await inDirectory(async (dir) => {
    const { base, mostMemoryMb, end } = await startProduct(dir);
    try {
      const settings = { timeZone: afternoon(), autoNeedsYes: false };
      await call(saveSettings, { body: settings }, { base });
      await bring(base, EMAILS);
      const setup = {
        host: '127.0.0.1',
        port: peer.port,
        security: 'none' as const,
        user: 'owner',
        fromAddress: 'marisol@example.com',
        fromName: 'Marisol Quane',
        perMinute: 100_000,
        perDay: 100_000,
      };
      await call(saveMail, { body: { setup, secret: 'harbor' } }, { base });
      await settled(base);
      await arriving(peer, BEFORE, () => toAll(base, { who: { filter: { circleIds: [INNER] } } }));
      await settled(base);
      const memory = await mostMemoryMb();
      const sent = await arriving(peer, EMAILS, () => toAll(base));
      const grown = (await mostMemoryMb()) - memory;
      const bare = await arriving(peer, EMAILS, async () => {
        const mailer = bareMailer(peer.port);
        await mailer.send(BEFORE);
        await peer.reset();
        await mailer.send(EMAILS);
        mailer.close();
      });
      figures.push(
        {
          what: 'sending emails, from the first to the last that a mail server took',
          size: `${EMAILS} emails`,
          ms: sent,
          floor: { what: 'a bare pooled mailer', ms: bare },
          limit: { what: 'at least 0.9× its speed', kept: bare / sent >= 0.9 },
        },
        {
          what: 'memory that the peak grew by meanwhile, in MB',
          size: `${EMAILS} emails`,
          ms: grown,
          limit: { what: 'under 50 MB', kept: grown < 50 },
        },
      );
    } finally {
      await end();
      peer.end();
    }
  });
  return figures;
}

function bareMailer(port: number) {
  const transport = nodemailer.createTransport({
    pool: true,
    maxMessages: Infinity,
    host: '127.0.0.1',
    port,
    ignoreTLS: true,
    auth: { user: 'owner', pass: 'harbor' },
  });
  const text = 'Dear Ana,\n\nhow is the house? Rates moved a little this month.';
  const below = 'Marisol Quane\n3 Chandler Row, Port Ellery';
  return {
    send: (emails: number) =>
      Promise.all(
        Array.from({ length: emails }, (_, i) =>
          transport.sendMail({
            from: 'Marisol Quane <marisol@example.com>',
            to: `q${i}@example.com`,
            subject: 'A line, Ana',
            text: `${text}\n\n-- \n${below}`,
            html: `<!doctype html><html><body><p>${text}</p><hr><p>${below}</p></body></html>`,
            headers: {
              'List-Unsubscribe': `<mailto:marisol@example.com?subject=unsubscribe%20${i}>`,
            },
          }),
        ),
      ),
    close: () => transport.close(),
  };
}

/** 20,000 rich emails queued, and what others wait meanwhile. */
export async function benchQueueing(): Promise<Figure[]> {
  const PEOPLE = 20_000;
  const figures: Figure[] = [];
  await inDirectory(async (dir) => {
    const { base, mostMemoryMb, end } = await startProduct(dir);
    try {
      const settings = { timeZone: afternoon(), autoNeedsYes: false };
      await call(saveSettings, { body: settings }, { base });
      await bring(base, PEOPLE);
      await settled(base);
      const memory = await mostMemoryMb();
      let writing = true;
      const waits: number[] = [];
      const others = (async () => {
        while (writing) {
          waits.push(await timed(() => call(listPeople, {}, { base })));
          waits.push(await timed(() => call(listOutbox, {}, { base })));
          await sleep(20);
        }
      })();
      const html = `<p>Dear {{ first_name }},</p>${'<p>Rates moved a little this month.</p>'.repeat(200)}`;
      const queued = await timed(() => toAll(base, { html })).finally(() => (writing = false));
      await others;
      const slowest = Math.max(...waits);
      const grown = (await mostMemoryMb()) - memory;
      figures.push(
        {
          what: 'queueing an email to everyone',
          size: `${PEOPLE} people, ${Math.round(html.length / 1024)} kB of HTML`,
          ms: queued,
          limit: { what: 'under 20 s', kept: queued < 20_000 },
        },
        {
          what: 'the longest that anybody else waited meanwhile',
          size: `${waits.length} requests`,
          ms: slowest,
          limit: { what: 'under 500 ms', kept: slowest < 500 },
        },
        {
          what: 'memory that the peak grew by meanwhile, in MB',
          size: `${PEOPLE} people`,
          ms: grown,
          limit: { what: 'under 100 MB', kept: grown < 100 },
        },
      );
    } finally {
      await end();
    }
  });
  return figures;
}
