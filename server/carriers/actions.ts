import {
  MailboxSetup,
  MailSetup,
  TextsSetup,
  type CarrierKind,
  type Carriers,
} from '@/contract/carriers';

import { act } from '../act';
import { invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import { readSettings } from '../settings';
import { signingOf } from './domain';
import type { DeliveryResult } from './result';
import { liveMail, liveMailbox, liveTexts, sealSecret, secretOf } from './live';
import { mailboxFault, readMailbox } from './mailbox';
import * as queries from './queries';

const NAMES: Record<CarrierKind, string> = {
  mail: 'the mail server',
  mailbox: 'the mailbox',
  texts: 'the text gateway',
};

export async function read(ctx: Context): Promise<Carriers> {
  const rows = new Map((await queries.readCarriers(ctx.db)).map((row) => [row.kind, row]));
  const shown = <T>(kind: CarrierKind, parse: (setup: unknown) => T) => {
    const row = rows.get(kind);
    return row
      ? { setup: parse(row.setup), hasSecret: Boolean(secretOf(ctx, row).password) }
      : null;
  };
  const mail = rows.get('mail');
  return {
    signing: mail ? signingOf(secretOf(ctx, mail)) : null,
    mail: shown('mail', (setup) => MailSetup.parse(setup)),
    mailbox: shown('mailbox', (setup) => MailboxSetup.parse(setup)),
    texts: shown('texts', (setup) => TextsSetup.parse(setup)),
  };
}

/** Sets a carrier up; a password that is not given stays what it was. */
export async function save(ctx: Context, kind: CarrierKind, setup: object, password?: string) {
  const before = await queries.findCarrier(ctx.db, kind);
  const kept = before ? secretOf(ctx, before) : {};
  // A password goes to whom it was given for: another server does not get the one before's.
  const moved = before !== null && hostOf(before.setup) !== hostOf(setup);
  const secret = { ...kept, password: password ?? (moved ? '' : (kept.password ?? '')) };
  return act(ctx, async (tx) => {
    await queries.writeCarrier(tx, {
      id: before?.id ?? newId(ctx.clock.nowMs()),
      kind,
      setup,
      secret: sealSecret(ctx, kind, secret),
    });
    return { sentence: `Set ${NAMES[kind]} up`, plan: 'nobody', topics: ['carriers', 'messages'] };
  });
}

const hostOf = (setup: unknown): string => {
  const { host = '', url = '' } = setup as { host?: string; url?: string };
  return host || url;
};

export async function remove(ctx: Context, kind: CarrierKind) {
  if (!(await queries.findCarrier(ctx.db, kind))) throw notFound('It is not set up.');
  return act(ctx, async (tx) => {
    await queries.removeCarrier(tx, kind);
    return { sentence: `Removed ${NAMES[kind]}`, plan: 'nobody', topics: ['carriers', 'messages'] };
  });
}

/** Tries a carrier in earnest: a message to the owner, or a look into the mailbox. */
export async function tryOut(ctx: Context, kind: CarrierKind) {
  return { mail: tryMail, mailbox: tryMailbox, texts: tryTexts }[kind](ctx);
}

interface Tried {
  works: boolean;
  outcome: string;
}

const tried = (result: DeliveryResult, what: string): Tried =>
  result.as === 'taken'
    ? { works: true, outcome: `It took ${what}. See whether it arrives.` }
    : { works: false, outcome: result.words };

const words = 'This is Pen Pal, trying out the way to you. It works.';

async function tryMail(ctx: Context): Promise<Tried> {
  const live = await liveMail(ctx);
  if (!live) throw notFound('No mail server is set up.');
  const { ownerEmail } = await readSettings(ctx.db);
  const to = ownerEmail || live.setup.fromAddress;
  const result = await live.carrier.send({
    id: newId(),
    to: [to],
    subject: 'Pen Pal can write',
    text: words,
    html: '',
    files: [],
    optOut: null,
  });
  return tried(result, `an e-mail to ${to}`);
}

async function tryTexts(ctx: Context): Promise<Tried> {
  const live = await liveTexts(ctx);
  if (!live) throw notFound('No text gateway is set up.');
  const { ownerPhone } = await readSettings(ctx.db);
  if (!ownerPhone) throw invalid('Add your own phone number first.');
  const result = await live.carrier.send({ id: newId(), to: ownerPhone, words });
  return tried(result, `a text to ${ownerPhone}`);
}

async function tryMailbox(ctx: Context): Promise<Tried> {
  const live = await liveMailbox(ctx);
  if (!live) throw notFound('No mailbox is set up.');
  try {
    await readMailbox(live.setup, live.password, null);
    return {
      works: true,
      outcome: 'The mailbox can be read. What comes in from now on is looked at.',
    };
  } catch (error) {
    return { works: false, outcome: mailboxFault(error) };
  }
}
