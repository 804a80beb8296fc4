import { NO_ADDRESS, type PersonFields } from '@/core/people';
import { isPlainDate, readDate } from '@/core/time';

import { readConsent } from '../rows/cells';
import { readOwnValue } from '../columns/own';
import { readJobCell, readTieCell, readTouches } from '../rows/story-cells';
import type { Reading } from './vcard-reading';

const MOST_DAYS = 3_650;

/** What has no property of its own stands in one of ours, as JSON. */
export function readOurs(json: string, { person, own, unread, today }: Reading): void {
  let ours: Record<string, unknown>;
  try {
    ours = JSON.parse(json) as Record<string, unknown>;
  } catch {
    return void unread.push(`Pen Pal's own part: ${json}`);
  }
  const { fields } = person;
  const words = (value: unknown): string[] =>
    Array.isArray(value) ? value.filter((v) => typeof v === 'string') : [];
  const word = (key: string) => (typeof ours[key] === 'string' ? (ours[key] as string) : '');
  fields.roles = words(ours.roles);
  fields.standing = word('standing');
  fields.source = word('source');
  fields.preferred = word('preferred') as PersonFields['preferred'];
  fields.favourite = ours.favourite === true;
  fields.wouldRefer = (word('wouldRefer') || null) as PersonFields['wouldRefer'];
  fields.wouldReferOn = word('wouldReferOn') || null;
  const consent = readConsent(word('consent'));
  fields.consent = consent.consent;
  for (const part of consent.unread) unread.push(`consent: ${part}`);
  words(ours.places).forEach((place, i) => {
    if (fields.addresses[i]) fields.addresses[i].place = place;
    else if (place) fields.addresses.push({ ...NO_ADDRESS, place });
  });
  const touches = readTouches(word('touches'), readDate, today);
  const jobs = readJobCell(word('work'));
  const ties = readTieCell(word('ties'));
  unread.push(...touches.unread, ...jobs.unread, ...ties.unread);
  person.touches = touches.touches;
  person.jobs = jobs.jobs;
  // They are told once more as what other programs read.
  if (word('ties')) person.related = ties.ties;
  person.circle = word('circle');
  const promise = ours.promise;
  const days = typeof promise === 'number' && Number.isInteger(promise) ? promise : 0;
  person.promiseDays = days >= 1 && days <= MOST_DAYS ? days : null;
  if (Array.isArray(ours.notes))
    person.notes = (ours.notes as Partial<{ on: string; body: string }>[]).flatMap((note) =>
      note && typeof note.body === 'string'
        ? [{ on: note.on && isPlainDate(note.on) ? note.on : null, body: note.body }]
        : [],
    );
  for (const [name, value] of Object.entries((ours.own ?? {}) as PersonFields['own'])) {
    const field = own.find((f) => f.name === name);
    const good = field ? readOwnValue(field, value) : null;
    if (field && good !== null) fields.own[field.id] = good;
    else unread.push(`${name}: ${value}`);
  }
}
