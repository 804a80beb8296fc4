import { PassThrough } from 'node:stream';

import nodemailer, { type Transporter } from 'nodemailer';
import type SMTPPool from 'nodemailer/lib/smtp-pool';

import type { MailSetup } from '@/contract/carriers';
import { bounceOf } from '@/core/replies';

import type { Email, DeliveryResult } from './result';

export interface MailSecret {
  password?: string;
  /** Private key in PEM, with which e-mails are signed. */
  dkim?: { domain: string; selector: string; privateKey: string; publicKey?: string };
}

const CONNECT_MS = 15_000;
/** How long a server may say nothing: after the end of the data RFC 5321, 4.5.3.2.6, grants it ten minutes. */
const SILENT_MS = 120_000;
const CONNECTIONS = 5;

/** What hands emails to a mail server, here or in a thread of its own. */
export interface Mailer {
  /** The Message-ID of a message of ours, by which answers and reports are known. */
  messageId(id: string): string;
  send(email: Email): Promise<DeliveryResult>;
  /** Says in a sentence why it can't be reached, or null. */
  fault(): Promise<string | null>;
  close(): void;
}

export const messageIdOf = ({ fromAddress }: Pick<MailSetup, 'fromAddress'>, id: string): string =>
  `<${id}@${domainOf(fromAddress)}>`;

/** A mail server that takes e-mails by SMTP; its lines are kept open between messages. */
export class MailCarrier implements Mailer {
  private readonly transport: Transporter<SMTPPool.SentMessageInfo>;

  constructor(
    private readonly setup: MailSetup,
    { password, dkim }: MailSecret,
  ) {
    const { host, port, security, user } = setup;
    this.transport = nodemailer.createTransport({
      pool: true,
      maxConnections: CONNECTIONS,
      maxMessages: Infinity,
      host,
      port,
      secure: security === 'tls',
      requireTLS: security === 'starttls',
      ignoreTLS: security === 'none',
      ...(user ? { auth: { user, pass: password ?? '' } } : {}),
      connectionTimeout: CONNECT_MS,
      greetingTimeout: CONNECT_MS,
      socketTimeout: SILENT_MS,
      disableFileAccess: true,
      disableUrlAccess: true,
      ...(dkim
        ? {
            dkim: {
              domainName: dkim.domain,
              keySelector: dkim.selector,
              privateKey: dkim.privateKey,
              headerFieldNames: SIGNED,
            },
          }
        : {}),
    });
    // Whether the last byte of a message has left decides whether a broken line leaves doubt: what stands
    // last, behind signing, is read only once the server asked for the words.
    this.transport.use('stream', ({ message, data }, done) => {
      const read = message.createReadStream.bind(message);
      message.createReadStream = (options) => {
        const [words, last] = [read(options), new PassThrough()];
        words.once('error', (fault) => last.destroy(fault));
        last.once('end', () => ((data as Tracked).tracked.sent = true));
        return words.pipe(last);
      };
      done();
    });
  }

  messageId(id: string): string {
    return messageIdOf(this.setup, id);
  }

  async send(email: Email): Promise<DeliveryResult> {
    const tracked = { sent: false };
    const { fromName, fromAddress } = this.setup;
    const messageId = this.messageId(email.id);
    try {
      const info = await this.transport.sendMail({
        from: { name: fromName, address: fromAddress },
        to: email.to.map((address) => ({ name: '', address })),
        subject: email.subject,
        messageId,
        text: email.text,
        ...(email.html ? { html: email.html } : {}),
        attachments: email.files.map(({ name, type, content, cid }) => ({
          filename: name,
          contentType: type,
          content,
          ...(cid ? { cid, contentDisposition: 'inline' as const } : {}),
        })),
        ...(email.inReplyTo ? { inReplyTo: email.inReplyTo, references: email.inReplyTo } : {}),
        ...(email.optOut ? { headers: optOutHeaders(email.optOut) } : {}),
        disableFileAccess: true,
        disableUrlAccess: true,
        tracked,
      } as never);
      return { as: 'taken', ref: messageId, without: refusedOf(info.rejectedErrors ?? []) };
    } catch (error) {
      return verdictOn(error as SmtpFault, tracked.sent);
    }
  }

  /** Says in a sentence why it can't be reached, or null. */
  async fault(): Promise<string | null> {
    try {
      await this.transport.verify();
      return null;
    } catch (error) {
      return wordsOf(error as SmtpFault);
    }
  }

  close(): void {
    this.transport.close();
  }
}

interface Tracked {
  tracked: { sent: boolean };
}

export const domainOf = (address: string): string => address.slice(address.lastIndexOf('@') + 1);

/** What a signature covers: what readers see, and the opt-out, which RFC 8058, section 4, wants signed. */
const SIGNED =
  'From:To:Cc:Subject:Date:Message-ID:In-Reply-To:References:MIME-Version:Content-Type:Content-Transfer-Encoding:List-Unsubscribe:List-Unsubscribe-Post';

function optOutHeaders({ url, mail }: NonNullable<Email['optOut']>): Record<string, string> {
  const ways = [...(url ? [`<${url}>`] : []), `<mailto:${mail}>`];
  return {
    'List-Unsubscribe': ways.join(', '),
    // One press is a POST to the address, which has to be https or, within a machine, http.
    ...(url ? { 'List-Unsubscribe-Post': 'List-Unsubscribe=One-Click' } : {}),
  };
}

interface SmtpFault {
  code?: string;
  responseCode?: number;
  response?: string;
  command?: string;
  recipient?: string;
  message: string;
}

function verdictOn(fault: SmtpFault, sent: boolean): DeliveryResult {
  const { responseCode, response = '', code } = fault;
  const words = wordsOf(fault);
  if (responseCode && responseCode >= 500 && code !== 'EAUTH') {
    const status = /\b5\.\d{1,3}\.\d{1,3}\b/.exec(response)?.[0] ?? '';
    const atAddress = /^RCPT/.test(fault.command ?? '') || code === 'EENVELOPE';
    return {
      as: 'refused',
      words,
      noSuchAddress: atAddress && bounceOf(status, response) === 'hard',
    };
  }
  // An address that can't be written into a header is no address.
  if (code === 'EENVELOPE' && !responseCode && !response)
    return { as: 'refused', words, noSuchAddress: false };
  if (!responseCode && sent) return { as: 'unclear', words };
  return { as: 'later', words };
}

/** Of several addresses of one person, those that the server says nobody has. */
const refusedOf = (faults: readonly SmtpFault[]) =>
  faults.flatMap((fault) => {
    const verdict = verdictOn(fault, false);
    const address = fault.recipient;
    return verdict.as === 'refused' && verdict.noSuchAddress && address
      ? [{ address, why: verdict.words }]
      : [];
  });

function wordsOf({ code, responseCode, response, message }: SmtpFault): string {
  if (code === 'EAUTH') return 'The mail server does not take the user or the password.';
  if (response && responseCode)
    return `The mail server said: ${response.replace(/\s+/g, ' ').slice(0, 300)}`;
  if (code === 'EDNS' || /ENOTFOUND/.test(message)) return 'There is no mail server of this name.';
  if (/ECONNREFUSED/.test(message)) return 'Nothing answers at the mail server’s address.';
  if (code === 'ETLS' || /certificate|SSL|TLS/i.test(message))
    return `No safe line to the mail server: ${message.slice(0, 200)}`;
  if (code === 'ETIMEDOUT') return 'The mail server did not answer in time.';
  return `The line to the mail server broke: ${message.slice(0, 200)}`;
}
