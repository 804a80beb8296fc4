import type { Message } from '@/contract/messages';
import { countInWords, sentenceCase, shortDate, timeWords, type PlainDate } from '@/core/time';

/** What a message is, in a line: "E-mail “Half a year in”, of The year". */
export function whatItIs({
  noun,
  subject,
  cadence,
}: Pick<Message, 'noun' | 'subject' | 'cadence'>): string {
  const about = subject ? ` “${subject}”` : '';
  return `${sentenceCase(noun.one)}${about}${cadence ? `, of ${cadence}` : ''}`;
}

export const OUTCOME_WORDS: Record<Message['outcome'], string> = {
  '': 'sent',
  delivered: 'delivered',
  opened: 'opened',
  clicked: 'link followed',
  answered: 'answered',
  bounced: 'came back',
  complained: 'called unwanted',
  opted_out: 'wants no more',
};

/** What came of a message that is as it should be, and of one that is not. */
export const isBad = ({ outcome }: Pick<Message, 'outcome'>): boolean =>
  outcome === 'bounced' || outcome === 'complained' || outcome === 'opted_out';

export const EVENT_WORDS: Record<string, string> = {
  delivered: 'Delivered',
  opened: 'Opened',
  clicked: 'A link in it was followed',
  answered: 'Answered',
  bounced: 'Came back for good',
  bounced_soft: 'Came back for now',
  complained: 'Called unwanted',
  opted_out: 'Wants no more',
};

/** "Four go out today, two wait for you". */
export function outHeadline(today: number, waiting: number, later: number): string {
  const go = today > 0 ? `${countInWords(today)} ${today === 1 ? 'goes' : 'go'} out today` : '';
  const wait =
    waiting > 0 ? `${countInWords(waiting)} ${waiting === 1 ? 'waits' : 'wait'} for you` : '';
  if (go || wait) return sentenceCase([go, wait].filter(Boolean).join(', '));
  return later > 0 ? 'Nothing goes out today' : 'Nothing waits to go out';
}

/** When a message goes: the time today, else the day with it; and the hour there, where that is another. */
export function whenItGoes(
  { sendAt, there }: Pick<Message, 'sendAt' | 'there'>,
  timeZone: string,
  { day, today }: { day: PlainDate | null; today: PlainDate },
): string {
  if (!sendAt) return '';
  const time = timeWords(sendAt, timeZone);
  const at = day && day !== today ? `${shortDate(day, today)}, ${time}` : time;
  return there ? `${at}; ${there} there` : at;
}
