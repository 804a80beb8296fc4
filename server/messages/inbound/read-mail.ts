import { simpleParser, type ParsedMail } from 'mailparser';

import { need } from '@/core/need';
import {
  answerIn,
  bounceOf,
  isAutomatic,
  readDeliveryStatus,
  readFeedbackReport,
  wantsNoMoreMail,
  type Bounce,
} from '@/core/replies';

/** What an e-mail that came in is, and which of ours it is about. */
export interface MailRead {
  fromAddress: string;
  fromName: string;
  subject: string;
  /** What was written, without what it quotes. */
  words: string;
  at: Date | null;
  /** The id of the message of ours that it answers or reports of; null for none. */
  about: string | null;
  what:
    | { is: 'answer' | 'automatic' }
    /** With the token of a link of ours, or in words of their own. */
    | { is: 'opt_out'; token: string | null }
    | { is: 'bounce'; bounce: Bounce; address: string; why: string }
    | { is: 'delivered'; address: string }
    | { is: 'complaint' }
    /** Another report: nothing to do about it. */
    | { is: 'report' };
}

const OUR_ID = /<([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})@[^>\s]+>/gi;
const MOST_WORDS = 10_000;

/** Reads an e-mail as it came in, whatever is in it. */
export async function readMail(bytes: Buffer): Promise<MailRead> {
  const mail = await simpleParser(bytes, { skipImageLinks: true, keepDeliveryStatus: true });
  const [from] = mail.from?.value ?? [];
  const text = mail.text ?? '';
  const subject = (mail.subject ?? '').slice(0, 300);
  const fromAddress = (from?.address ?? '').toLowerCase().slice(0, 254);
  const base = {
    fromAddress,
    fromName: (from?.name ?? '').slice(0, 120),
    subject,
    words: answerIn(text).slice(0, MOST_WORDS),
    at: mail.date ?? null,
  };
  const report = reportIn(mail);
  if (report) return { ...base, about: originalOf(mail, bytes), what: report };
  const about =
    idsIn(headerText(mail, 'in-reply-to'), headerText(mail, 'references')).at(-1) ?? null;
  const token = /\bunsubscribe\s+([0-9a-f-]{36}\.[\w-]{20,})/i.exec(subject)?.[1];
  if (token) return { ...base, about: token.slice(0, 36), what: { is: 'opt_out', token } };
  if (wantsNoMoreMail(subject, base.words))
    return { ...base, about, what: { is: 'opt_out', token: null } };
  const headers = new Map([...mail.headers].map(([name, value]) => [name, wordsOf(value)]));
  const is = isAutomatic(headers, fromAddress, subject) ? 'automatic' : 'answer';
  return { ...base, about, what: { is } };
}

const wordsOf = (value: unknown): string =>
  typeof value === 'string' ? value : ((value as { value?: string } | null)?.value ?? '');

const headerText = (mail: ParsedMail, name: string): string =>
  mail.headerLines.find(({ key }) => key === name)?.line ?? '';

const idsIn = (...texts: string[]): string[] =>
  texts.flatMap((text) => [...text.matchAll(OUR_ID)].map(([, id]) => need(id).toLowerCase()));

const partOf = (mail: ParsedMail, type: string): string | null =>
  mail.attachments.find(({ contentType }) => contentType === type)?.content.toString('utf8') ??
  null;

function reportIn(mail: ParsedMail): MailRead['what'] | null {
  const feedback = partOf(mail, 'message/feedback-report');
  // RFC 5965, section 7.3: only "abuse" and its like are a reader's word.
  if (feedback !== null) {
    const type = readFeedbackReport(feedback)?.type;
    return { is: type === 'abuse' || type === 'fraud' ? 'complaint' : 'report' };
  }
  const status = partOf(mail, 'message/delivery-status');
  if (status === null) return null;
  const reports = readDeliveryStatus(status);
  const report = reports.find(({ action }) => action === 'failed') ?? reports[0];
  if (!report) return { is: 'report' };
  const { action, address, diagnostic } = report;
  if (action === 'failed') {
    const why = (diagnostic || 'It could not be delivered.').slice(0, 300);
    return { is: 'bounce', bounce: bounceOf(report.status, diagnostic), address, why };
  }
  return action === 'delivered' ? { is: 'delivered', address } : { is: 'report' };
}

/** The message of ours that a report holds: whole or its headers, as a part or among the words. */
function originalOf(mail: ParsedMail, bytes: Buffer): string | null {
  const parts = mail.attachments
    .filter(({ contentType }) =>
      /^(?:message\/(?:rfc822|global)|text\/rfc822-headers)/.test(contentType),
    )
    .map(({ content }) => content.toString('utf8'));
  for (const text of [...parts, bytes.toString('latin1')]) {
    const line =
      /^(?:Message-ID|X-Original-Message-ID|Original-Message-ID):[^\S\n]*(?:\r?\n[ \t]+)?(<[^>]+>)/gim;
    for (const [, id] of text.matchAll(line)) {
      const [ours] = idsIn(need(id));
      if (ours) return ours;
    }
  }
  return null;
}
