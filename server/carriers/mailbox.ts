import { ImapFlow } from 'imapflow';

import type { MailboxSetup } from '@/contract/carriers';

import { Pop3, Pop3Refusal } from './pop3';

/** An e-mail as it stands in the mailbox. */
export interface RawMail {
  /** The same mail has the same key, however often it is read. */
  key: string;
  bytes: Buffer;
}

/** So many are read at once; the rest at the next look. */
const MAILS_PER_READ = 50;
/** Longer ones are read up to here: attachments are not kept. */
const MOST_BYTES = 5 * 2 ** 20;
const WITHIN_MS = 30_000;

/** Where reading has come to: of IMAP the last number, of POP3 all that were seen. */
export type Place =
  | { validity: string; uid: number }
  /** `failed`: at which one the connection broke. */
  | { seen: string[]; failed?: string };

export interface Mails {
  mails: RawMail[];
  place: Place;
}

/** Reads what has come into a mailbox behind a place; nothing is changed or taken out of it. */
export const readMailbox = (
  setup: MailboxSetup,
  password: string,
  place: Place | null,
): Promise<Mails> =>
  setup.protocol === 'imap' ? readImap(setup, password, place) : readPop3(setup, password, place);

/** Why a mailbox can't be read, in a sentence. */
export function mailboxFault(error: unknown): string {
  const { message = '', authenticationFailed } = error as {
    message?: string;
    authenticationFailed?: boolean;
  };
  const isLogin =
    error instanceof Pop3Refusal ? error.isLogin : /auth|password|login/i.test(message);
  if (authenticationFailed || isLogin) return 'The mailbox does not take the user or the password.';
  if (/ECONNREFUSED|ENOTFOUND/.test(`${message} ${(error as { code?: string }).code ?? ''}`))
    return 'Nothing answers at the mailbox’s address.';
  if (/timeout|ETIMEDOUT/i.test(message)) return 'The mailbox did not answer in time.';
  return `The mailbox could not be read: ${message.slice(0, 200)}`;
}

async function readImap(
  setup: MailboxSetup,
  password: string,
  place: Place | null,
): Promise<Mails> {
  const { host, port, security, user } = setup;
  const client = new ImapFlow({
    host,
    port,
    secure: security === 'tls',
    ...(security === 'starttls' ? { doSTARTTLS: true } : {}),
    ...(security === 'none' ? { doSTARTTLS: false } : {}),
    auth: { user, pass: password },
    logger: false,
    connectionTimeout: WITHIN_MS,
    greetingTimeout: WITHIN_MS,
    socketTimeout: WITHIN_MS,
  });
  // Without a listener a broken line would end the program.
  client.on('error', () => {});
  await client.connect();
  try {
    const box = await client.mailboxOpen('INBOX', { readOnly: true });
    const validity = String(box.uidValidity);
    const known = place && 'uid' in place && place.validity === validity ? place.uid : null;
    // What stood there before Pen Pal looked first is the owner's old mail, and no answer to anything.
    const from = known ?? box.uidNext - 1;
    const mails: RawMail[] = [];
    let uid = from;
    if (box.uidNext - 1 > from)
      for await (const mail of client.fetch(
        `${from + 1}:*`,
        { uid: true, source: { maxLength: MOST_BYTES } },
        { uid: true },
      )) {
        // “n:*” answers the last one even where all are below n.
        if (mail.uid <= from || mails.length >= MAILS_PER_READ) continue;
        mails.push({ key: `imap:${validity}:${mail.uid}`, bytes: mail.source ?? Buffer.alloc(0) });
        uid = Math.max(uid, mail.uid);
      }
    return { mails, place: { validity, uid } };
  } finally {
    await client.logout().catch(() => client.close());
  }
}

async function readPop3(
  setup: MailboxSetup,
  password: string,
  place: Place | null,
): Promise<Mails> {
  const { host, port, security, user } = setup;
  const client = await Pop3.open(
    { host, port, tls: security === 'tls', timeoutMs: WITHIN_MS, maxBytes: MOST_BYTES },
    user,
    password,
  );
  try {
    const all = await client.ids();
    const ids = all.map(({ id }) => id);
    if (!place || !('seen' in place)) return { mails: [], place: { seen: ids } };
    const seen = new Set(place.seen);
    const fresh = all.filter(({ id }) => !seen.has(id)).slice(0, MAILS_PER_READ);
    const mails: RawMail[] = [];
    const read: string[] = [];
    let failed: string | undefined;
    for (const { number, id } of fresh) {
      read.push(id);
      try {
        mails.push({ key: `pop3:${id}`, bytes: await client.message(number) });
      } catch (error) {
        // One that the server won't give keeps nobody from those behind it: it is passed over from now on.
        // So is one at which the connection breaks, but only the second time.
        if (error instanceof Pop3Refusal) continue;
        if (place.failed !== id) {
          failed = id;
          read.pop();
        }
        break;
      }
    }
    // Those that are gone from the mailbox need not be remembered.
    const now = [...ids.filter((id) => seen.has(id)), ...read];
    return { mails, place: { seen: now, ...(failed ? { failed } : {}) } };
  } finally {
    await client.quit();
  }
}
