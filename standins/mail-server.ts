import { randomUUID } from 'node:crypto';
import type { AddressInfo, Server } from 'node:net';
import { buffer } from 'node:stream/consumers';

import { simpleParser, type ParsedMail } from 'mailparser';
import MailComposer from 'nodemailer/lib/mail-composer';
import { SMTPServer } from 'smtp-server';

import { popServer, type Mailbox } from './pop3';

/** What becomes of a mail that the server took. */
export type Outcome =
  | { as: 'delivered' }
  | { as: 'bounced'; hard: boolean }
  | { as: 'answered'; words: string }
  | { as: 'away'; words: string }
  /** Opened, or opened and its first link followed, by asking for what the HTML names. */
  | { as: 'opened' }
  | { as: 'clicked' }
  | { as: 'complained' }
  | { as: 'unwanted' };

/** What a server says to a recipient before it takes anything. */
export type Door = 'open' | 'no_such_user' | 'later' | 'drop_after_data';

export interface Rules {
  door?: (to: string) => Door;
  outcome?: (mail: { to: string; subject: string; text: string }) => Outcome | Outcome[];
}

export interface Arrived {
  to: string[];
  raw: Buffer;
  mail: ParsedMail;
}

export interface MailStandIn {
  smtpPort: number;
  pop3Port: number;
  /** Everything that was taken, in order. */
  arrived: Arrived[];
  /** What lies in the owner's mailbox, which is read by POP3. */
  mailbox: Mailbox;
  close(): Promise<void>;
}

interface Listening {
  listen(port: number, host: string, done: () => void): unknown;
  once(event: 'error', heard: (error: NodeJS.ErrnoException) => void): unknown;
  off(event: 'error', heard: (error: NodeJS.ErrnoException) => void): unknown;
}

/** Listens on a port, or on any that is free where another program has it. */
const listen = (server: Listening, port: number): Promise<void> =>
  new Promise((done, fail) => {
    const heard = (error: NodeJS.ErrnoException) =>
      error.code === 'EADDRINUSE' && port !== 0 ? listen(server, 0).then(done, fail) : fail(error);
    server.once('error', heard);
    server.listen(port, '127.0.0.1', () => {
      server.off('error', heard);
      done();
    });
  });

/**
 * A small mail server, standing in for a real one: takes mail by SMTP, signs nobody in whose password is
 * wrong, and lets happen to it what its rules say: it comes back, is answered, is called unwanted. What
 * comes back lies in one mailbox, read by POP3. All of it is gone when it ends.
 */
export async function mailServer(
  {
    user = 'owner',
    password = 'harbor',
    smtpPort = 0,
    pop3Port = 0,
    readAfterMs = 0,
  }: {
    user?: string;
    password?: string;
    smtpPort?: number;
    pop3Port?: number;
    /** How long after it arrived a mail is opened. */
    readAfterMs?: number;
  },
  { door = () => 'open', outcome = () => ({ as: 'delivered' }) }: Rules = {},
): Promise<MailStandIn> {
  const arrived: Arrived[] = [];
  const mailbox: Mailbox = { user, password, mails: [] };
  const put = async (mail: object) =>
    void mailbox.mails.push({
      id: randomUUID(),
      bytes: await new MailComposer(mail).compile().build(),
    });
  const happensTo = async (to: string, mail: ParsedMail, raw: Buffer) => {
    const subject = mail.subject ?? '';
    for (const one of [outcome({ to, subject, text: mail.text ?? '' })].flat())
      if (one.as === 'opened' || one.as === 'clicked')
        setTimeout(() => void read(mail, one.as === 'clicked'), readAfterMs).unref();
      else for (const back of comesBack(to, mail, raw, one)) await put(back);
  };
  const smtp = new SMTPServer({
    authOptional: false,
    allowInsecureAuth: true,
    disabledCommands: ['STARTTLS'],
    disableReverseLookup: true,
    logger: false,
    closeTimeout: 500,
    onAuth: (auth, _, done) =>
      auth.username === user && auth.password === password
        ? done(null, { user })
        : done(new Error('Wrong user or password')),
    onRcptTo: ({ address }, _, done) => {
      const said = door(address);
      if (said === 'no_such_user') return done(refusal(550, '5.1.1 No such user here'));
      if (said === 'later') return done(refusal(451, '4.7.1 Greylisted, try again later'));
      done();
    },
    onData: (stream, session, done) => {
      void buffer(stream).then(async (raw) => {
        const to = session.envelope.rcptTo.map(({ address }) => address);
        if (to.some((address) => door(address) === 'drop_after_data'))
          return void breakLine(smtp, session.id);
        const mail = await simpleParser(raw);
        arrived.push({ to, raw, mail });
        done();
        for (const address of to) await happensTo(address, mail, raw);
      }, done);
    },
  });
  smtp.on('error', () => {});
  const pop: Server = popServer(mailbox);
  await listen(smtp, smtpPort);
  await listen(pop, pop3Port);
  return {
    smtpPort: (smtp.server.address() as AddressInfo).port,
    pop3Port: (pop.address() as AddressInfo).port,
    arrived,
    mailbox,
    close: async () => {
      await new Promise<void>((done) => smtp.close(() => done()));
      await new Promise<void>((done) => pop.close(() => done()));
    },
  };
}

/** Asks for what a mail program would when its reader opens a mail, and follows its first link. */
async function read(mail: ParsedMail, follows: boolean): Promise<void> {
  const html = String(mail.html || '').replace(/&#(\d+);/g, (_, code: string) =>
    String.fromCodePoint(Number(code)),
  );
  const pictures = [...html.matchAll(/<img[^>]+src="(https?:[^"]+)"/g)].map(([, url]) => url!);
  const [link] = [...html.matchAll(/<a[^>]+href="(https?:[^"]+)"/g)].map(([, url]) => url!);
  for (const url of [...pictures, ...(follows && link ? [link] : [])])
    await fetch(url, { redirect: 'manual' }).catch(() => {});
}

/** Breaks the line of a session without a word. */
function breakLine(smtp: SMTPServer, id: string): void {
  const all = smtp as unknown as { connections: Set<{ id: string; _socket: { destroy(): void } }> };
  for (const connection of all.connections) if (connection.id === id) connection._socket.destroy();
}

const refusal = (responseCode: number, message: string) =>
  Object.assign(new Error(message), { responseCode });

/** What a mail brings back into the mailbox of whoever sent it. */
function comesBack(to: string, mail: ParsedMail, raw: Buffer, outcome: Outcome): object[] {
  const sender = mail.from!.value[0]!.address!;
  const { messageId = '', subject = '' } = mail;
  const reply = {
    from: to,
    to: sender,
    subject: `Re: ${subject}`,
    inReplyTo: messageId,
    references: messageId,
  };
  if (outcome.as === 'answered')
    return [
      {
        ...reply,
        text: `${outcome.words}\n\nOn Monday, ${sender} wrote:\n> ${(mail.text ?? '').replace(/\n/g, '\n> ')}`,
      },
    ];
  if (outcome.as === 'away')
    return [{ ...reply, text: outcome.words, headers: { 'Auto-Submitted': 'auto-replied' } }];
  if (outcome.as === 'bounced') return [reportOf(to, sender, raw, outcome.hard)];
  if (outcome.as === 'complained') return [complaintOf(to, sender, raw)];
  // Folded lines are joined: the address may be broken anywhere.
  const headers = headersOf(raw).replace(/\r?\n[ \t]+/g, '');
  const out = /<mailto:[^?>]+\?subject=([^>]+)>/.exec(headers)?.[1];
  return outcome.as === 'unwanted' && out
    ? [{ from: to, to: sender, subject: decodeURIComponent(out.replace(/\s+/g, '')), text: '' }]
    : [];
}

const headersOf = (raw: Buffer): string => raw.toString('latin1').split(/\r?\n\r?\n/)[0]!;

/** A delivery report (RFC 3464). */
function reportOf(to: string, sender: string, raw: Buffer, hard: boolean): object {
  const [status, words] = hard
    ? ['5.1.1', '550 5.1.1 No such user here']
    : ['5.2.2', '552 5.2.2 Mailbox full'];
  return multipart('delivery-status', sender, 'Undelivered Mail Returned to Sender', [
    ['text/plain', `Your mail to ${to} could not be delivered: ${words}`],
    [
      'message/delivery-status',
      `Reporting-MTA: dns; mail.example.net\r\n\r\nFinal-Recipient: rfc822; ${to}\r\nAction: failed\r\nStatus: ${status}\r\nDiagnostic-Code: smtp; ${words}\r\n`,
    ],
    ['text/rfc822-headers', headersOf(raw)],
  ]);
}

/** A feedback report (RFC 5965). */
const complaintOf = (to: string, sender: string, raw: Buffer): object =>
  multipart('feedback-report', sender, 'Complaint about a message', [
    ['text/plain', `${to} called this message unwanted.`],
    [
      'message/feedback-report',
      `Feedback-Type: abuse\r\nUser-Agent: StandIn/1.0\r\nVersion: 1\r\n`,
    ],
    ['text/rfc822-headers', headersOf(raw)],
  ]);

function multipart(type: string, to: string, subject: string, parts: [string, string][]): object {
  const boundary = `part-${randomUUID()}`;
  const body = parts
    .map(([kind, text]) => `--${boundary}\r\nContent-Type: ${kind}\r\n\r\n${text}\r\n`)
    .join('');
  return {
    raw: [
      'From: Mail Delivery System <mailer-daemon@mail.example.net>',
      `To: ${to}`,
      `Subject: ${subject}`,
      `Date: ${new Date().toUTCString()}`,
      `Message-ID: <${randomUUID()}@mail.example.net>`,
      'Auto-Submitted: auto-replied',
      'MIME-Version: 1.0',
      `Content-Type: multipart/report; report-type=${type}; boundary="${boundary}"`,
      '',
      `${body}--${boundary}--`,
      '',
    ].join('\r\n'),
  };
}
