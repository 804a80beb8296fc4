import { MailboxSetup, MailSetup, TextsSetup } from '@/contract/carriers';

import type { Context } from '../context';
import type { Sql } from '../db';
import { MailCarrier, type Mailer, type MailSecret } from './mail';
import { ThreadedMail } from './mail-thread';
import type { CarrierRow } from './queries';
import * as queries from './queries';
import { TextsCarrier } from './texts';

const purpose = (kind: CarrierRow['kind']) => `carrier:${kind}`;

export const sealSecret = ({ keys }: Context, kind: CarrierRow['kind'], secret: object): string =>
  keys.seal(JSON.stringify(secret), purpose(kind));

/** What is kept secret of a carrier; nothing where the key that it was sealed with is gone. */
export function secretOf({ keys }: Context, { kind, secret }: CarrierRow): MailSecret {
  const text = secret && keys.unseal(secret, purpose(kind));
  return text ? (JSON.parse(text) as MailSecret) : {};
}

/** A mail server with lines that are kept open, as long as it is set up as it was. */
const mailOf = new WeakMap<Context, { as: string; carrier: Mailer }>();

/** The mail server, or null where none is set up. */
export async function liveMail(
  ctx: Context,
  sql: Sql = ctx.db,
): Promise<{ carrier: Mailer; setup: MailSetup } | null> {
  const row = await queries.findCarrier(sql, 'mail');
  const before = mailOf.get(ctx);
  if (!row) return null;
  const setup = MailSetup.parse(row.setup);
  const as = JSON.stringify([row.setup, row.secret]);
  const ended = before?.carrier instanceof ThreadedMail && before.carrier.ended;
  if (before?.as === as && !ended) return { carrier: before.carrier, setup };
  before?.carrier.close();
  const secret = secretOf(ctx, row);
  const carrier = ctx.mailWorker
    ? new ThreadedMail(ctx.mailWorker, setup, secret)
    : new MailCarrier(setup, secret);
  mailOf.set(ctx, { as, carrier });
  return { carrier, setup };
}

/** Lets go of the lines to the mail server. */
export function closeCarriers(ctx: Context): void {
  mailOf.get(ctx)?.carrier.close();
  mailOf.delete(ctx);
}

/** The text gateway that is set up; null for none. */
export async function liveTexts(
  ctx: Context,
  sql: Sql = ctx.db,
): Promise<{ carrier: TextsCarrier; setup: TextsSetup } | null> {
  const row = await queries.findCarrier(sql, 'texts');
  if (!row) return null;
  const setup = TextsSetup.parse(row.setup);
  return { carrier: new TextsCarrier(setup, secretOf(ctx, row).password ?? ''), setup };
}

/** The mailbox that is set up, with its password; null for none. */
export async function liveMailbox(
  ctx: Context,
  sql: Sql = ctx.db,
): Promise<{ setup: MailboxSetup; password: string } | null> {
  const row = await queries.findCarrier(sql, 'mailbox');
  if (!row) return null;
  return { setup: MailboxSetup.parse(row.setup), password: secretOf(ctx, row).password ?? '' };
}

/** The demo's stand-ins may listen elsewhere at each start. */
export async function moveStandIn(
  { db }: Context,
  user: string,
  ports: Record<'mail' | 'mailbox', number>,
): Promise<void> {
  for (const [kind, port] of Object.entries(ports))
    await db.query(
      `update carrier set setup = setup || jsonb_build_object('port', $3::int)
       where kind = $1 and setup ->> 'user' = $2 and setup ->> 'host' = '127.0.0.1'`,
      [kind, user, port],
    );
}
