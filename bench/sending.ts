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

const until = async (peer: Peer, count: number) => {
  while ((await peer.state()).count < count) await sleep(10);
};

/** 2,000 emails through the whole way, beside a bare pooled mailer that sends as many to the same peer. */
export async function benchSending(): Promise<Figure[]> {
  const EMAILS = 2_000;
  const peer = await startPeer();
  const figures: Figure[] = [];
  await inDirectory(async (dir) => {
    const { base, mostMemoryMb, end } = await startProduct(dir);
    try {
      const settings = { timeZone: afternoon(), autoNeedsYes: false };
      await call(saveSettings, { body: settings }, { base });
      await bring(base, EMAILS);
      await toAll(base);
      await settled(base);
      await bareMailer(peer.port, 200);
      const bare = await timed(() => bareMailer(peer.port, EMAILS));
      const { count: before } = await peer.state();
      const memory = await mostMemoryMb();
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
      const sent = await timed(async () => {
        await call(saveMail, { body: { setup, secret: 'harbor' } }, { base });
        await until(peer, before + EMAILS);
      });
      const grown = (await mostMemoryMb()) - memory;
      figures.push(
        {
          what: 'sending emails, from setting the mail server up to the last one taken',
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

async function bareMailer(port: number, emails: number): Promise<void> {
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
  await Promise.all(
    Array.from({ length: emails }, (_, i) =>
      transport.sendMail({
        from: 'Marisol Quane <marisol@example.com>',
        to: `q${i}@example.com`,
        subject: 'A line, Ana',
        text: `${text}\n\n-- \n${below}`,
        html: `<!doctype html><html><body><p>${text}</p><hr><p>${below}</p></body></html>`,
        headers: { 'List-Unsubscribe': `<mailto:marisol@example.com?subject=unsubscribe%20${i}>` },
      }),
    ),
  );
  transport.close();
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
