import type { TouchKind } from '@/core/touches';

export * from './letter';
export * from './oddness';
export * from './parts';

/** What another program is opened with to write to somebody. */
export interface ToWrite {
  kind: TouchKind;
  phone: string;
  email: string;
  subject: string;
  words: string;
}

/** A subject is cut here, at the end of a word. */
const SUBJECT_LENGTH = 60;

/** Percent-encoded; line breaks as RFC 6068, section 5, wants them. */
const encoded = (text: string): string => encodeURIComponent(text.replace(/\r?\n/g, '\r\n'));

const EXTENSION = /(?:ext\.?|x)\s*(\d+)\s*$/i;

const digits = (phone: string): string => phone.replace(EXTENSION, '').replace(/[^\d+*#]/g, '');

/** With its extension, as RFC 3966, section 3, writes it. */
function dialled(phone: string): string {
  const [, extension] = EXTENSION.exec(phone) ?? [];
  return digits(phone) + (extension ? `;ext=${extension}` : '');
}

/**
 * The address that opens the program for a call, a text or an e-mail, with the words in it; null
 * where nothing can be opened. tel: after RFC 3966, sms: after RFC 5724, mailto: after RFC 6068.
 */
export function linkToWrite({ kind, phone, email, subject, words }: ToWrite): string | null {
  if (kind === 'call') return phone ? `tel:${dialled(phone)}` : null;
  if (kind === 'text')
    return phone ? `sms:${digits(phone)}${words ? `?body=${encoded(words)}` : ''}` : null;
  if (kind !== 'email' || !email) return null;
  const parts = [subject && `subject=${encoded(subject)}`, words && `body=${encoded(words)}`];
  const query = parts.filter(Boolean).join('&');
  // The @ stays as it is; everything else that an address may hold is encoded.
  const to = email.split('@').map(encodeURIComponent).join('@');
  return `mailto:${to}${query ? `?${query}` : ''}`;
}

/** A subject for words that have none: their first sentence, not too long. */
export function subjectOf(words: string): string {
  const [first = ''] = words.trim().split(/(?<=[.?!])\s|\n/);
  const sentence = first.replace(/[.]$/, '');
  if (sentence.length <= SUBJECT_LENGTH) return sentence;
  return `${sentence.slice(0, SUBJECT_LENGTH).replace(/\s+\S*$/, '')} …`;
}
