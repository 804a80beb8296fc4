import { addressWords, displayName, type Address } from '@/core/people';

import { writeConsent } from '../rows/cells';
import type { ExportedPerson } from '../table/csv-write';
import { writeJobs, writeTies, writeTouches } from '../rows/story-cells';
import { escapePart, escapeText, foldLine } from './vcard-lines';

export interface CardPerson extends ExportedPerson {
  id: string;
  /** Values of own fields by the name of the field. */
  ownByName: Record<string, string | number | boolean>;
  photo: { mime: string; base64: string } | null;
}

const type = (label: string) => (label ? `;TYPE=${param(label)}` : '');
const pref = (i: number, of: number) => (of > 1 && i === 0 ? ';PREF=1' : '');

/** A parameter value, quoted where it must be (RFC 6350, 3.3), with RFC 6868 carets. */
function param(text: string): string {
  const safe = text
    .replace(/\^/g, '^^')
    .replace(/\r\n|\r|\n/g, '^n')
    .replace(/"/g, "^'");
  return /[:;, ]/.test(safe) ? `"${safe}"` : safe;
}

const cardDate = (on: string): string =>
  on.length === 5 ? `--${on.replace('-', '')}` : on.replaceAll('-', '');

const RELATED: Record<string, string> = {
  partner: 'spouse',
  child: 'child',
  sibling: 'sibling',
  friend: 'friend',
  colleague: 'colleague',
  parent: 'parent',
};

function addressLine(a: Address, i: number, of: number): string {
  const geo = a.lat === null || a.lon === null ? '' : `;GEO="geo:${a.lat},${a.lon}"`;
  const label = addressWords(a) ? `;LABEL=${param(addressWords(a))}` : '';
  const parts = ['', '', a.line, a.city, a.region, a.postalCode, a.country].map(escapePart);
  return `ADR${type(a.label)}${pref(i, of)}${geo}${label}:${parts.join(';')}`;
}

/** One person as a vCard 4.0 (RFC 6350); what has no property there stands in X-PENPAL. */
export function writeVCard(p: CardPerson): string {
  const f = p.fields;
  const wedding = f.dates.find(({ name }) => name === 'Wedding');
  const others = f.dates.filter((date) => date !== wedding);
  const lines = [
    'BEGIN:VCARD',
    'VERSION:4.0',
    `UID:urn:uuid:${p.id}`,
    `FN:${escapeText(displayName(f))}`,
    `N:${[f.familyName, f.givenName, f.middleName, f.prefix, f.suffix].map(escapePart).join(';')}`,
    ...(f.goesBy ? [`NICKNAME:${escapeText(f.goesBy)}`] : []),
    ...(f.company ? [`ORG:${escapePart(f.company)}`] : []),
    ...(f.jobTitle ? [`TITLE:${escapeText(f.jobTitle)}`] : []),
    ...f.emails.map(
      (e, i, all) => `EMAIL${type(e.label)}${pref(i, all.length)}:${escapeText(e.value)}`,
    ),
    ...f.phones.map(
      (t, i, all) => `TEL${type(t.label)}${pref(i, all.length)}:${escapeText(t.value)}`,
    ),
    ...f.addresses.map((a, i, all) => addressLine(a, i, all.length)),
    ...f.links.map((l) => `URL${type(l.label)}:${l.value}`),
    ...(f.birthday ? [`BDAY:${cardDate(f.birthday)}`] : []),
    ...(wedding ? [`ANNIVERSARY:${cardDate(wedding.on)}`] : []),
    ...others.flatMap(({ name, on }, i) => [
      `item${i + 1}.X-ABDATE:${cardDate(on)}`,
      `item${i + 1}.X-ABLABEL:${escapeText(name)}`,
    ]),
    ...(p.tags.length > 0 ? [`CATEGORIES:${p.tags.map(escapeText).join(',')}`] : []),
    ...f.interests.map((interest) => `INTEREST:${escapeText(interest)}`),
    ...(f.language ? [`LANG:${escapeText(f.language)}`] : []),
    ...p.notes.map(({ body }) => `NOTE:${escapeText(body)}`),
    ...p.ties.flatMap(({ kind, name }) =>
      RELATED[kind] ? [`RELATED;TYPE=${RELATED[kind]};VALUE=text:${escapeText(name)}`] : [],
    ),
    ...(p.photo ? [`PHOTO:data:${p.photo.mime};base64,${p.photo.base64}`] : []),
    `X-PENPAL:${escapeText(JSON.stringify(ours(p)))}`,
    'END:VCARD',
  ];
  return `${lines.map(foldLine).join('\r\n')}\r\n`;
}

function ours(p: CardPerson): Record<string, unknown> {
  const f = p.fields;
  const all: Record<string, unknown> = {
    roles: f.roles,
    standing: f.standing,
    source: f.source,
    circle: p.circle,
    promise: p.promiseDays,
    preferred: f.preferred,
    favourite: f.favourite,
    wouldRefer: f.wouldRefer,
    wouldReferOn: f.wouldReferOn,
    consent: writeConsent(f.consent),
    touches: writeTouches(p.touches),
    work: writeJobs(p.jobs),
    ties: writeTies(p.ties),
    places: f.addresses.map(({ place }) => place),
    notes: p.notes,
    own: p.ownByName,
  };
  return Object.fromEntries(
    Object.entries(all).filter(
      ([, value]) =>
        (value && Object.keys(value as object).length !== 0) ||
        typeof value === 'number' ||
        value === true,
    ),
  );
}
