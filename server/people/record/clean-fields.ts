import type { PersonDraft } from '@/contract/record';
import { need } from '@/core/need';
import {
  isAddress,
  NO_ADDRESS,
  type Address,
  type OwnField,
  type PersonFields,
  type Reach,
} from '@/core/people';
import { OWN_WANTS, readEmail, readLink, readOwnValue, readPhone } from '@/core/intake';
import { isPlainDate, readDate } from '@/core/time';

import type { Sql } from '../../db';
import { invalid } from '../../api';
import { ensureEntries, readOwnFields } from '../../lists';
import { readSettings } from '../../settings';

/** Keeps what can be read, each once; refuses what can't be. */
function reaches(
  given: readonly Reach[],
  read: (text: string) => string | null,
  what: string,
  at: string,
) {
  const kept = new Map<string, Reach>();
  for (const [i, { value, ...more }] of given.entries()) {
    if (value === '') continue;
    const good = read(value);
    if (!good) throw invalid(`“${value}” is not ${what}.`, `${at}.${i}.value`);
    if (!kept.has(good.toLowerCase())) kept.set(good.toLowerCase(), { value: good, ...more });
  }
  return [...kept.values()];
}

/** Whether it is a day of the calendar, with its year (2016-02-29) or without (02-29). */
const isDay = (on: string) => (on.length === 5 ? readDate(on) !== null : isPlainDate(on));

/** Puts e-mails, phones, dates and own values into their kept form; refuses what is none. */
export async function cleanFields(
  sql: Sql,
  given: Partial<PersonFields>,
): Promise<Partial<PersonFields>> {
  const checked = { ...given };
  if (given.emails)
    checked.emails = reaches(given.emails, readEmail, 'an e-mail address', 'emails');
  if (given.phones) {
    const { country } = await readSettings(sql);
    const read = (text: string) => readPhone(text, country);
    checked.phones = reaches(given.phones, read, 'a phone number', 'phones');
  }
  if (given.links) checked.links = reaches(given.links, readLink, 'a web address', 'links');
  if (given.addresses)
    checked.addresses = given.addresses
      .map((address): Address => ({ ...NO_ADDRESS, ...address }))
      .filter(isAddress);
  if (given.birthday && !isDay(given.birthday))
    throw invalid(`There is no ${given.birthday} in the calendar.`, 'birthday');
  for (const [i, { name, on }] of (given.dates ?? []).entries())
    if (!isDay(on)) throw invalid(`There is no ${on} in the calendar (${name}).`, `dates.${i}.on`);
  for (const key of ['interests', 'roles'] as const)
    if (given[key]) checked[key] = [...new Set(given[key].filter(Boolean))];
  if (given.own) checked.own = cleanOwn(await readOwnFields(sql), given.own);
  if (checked.roles) {
    const names = await ensureEntries(sql, 'role', checked.roles);
    checked.roles = [...new Set(checked.roles.map((role) => need(names.get(role))))];
  }
  for (const key of ['standing', 'source'] as const)
    if (checked[key])
      checked[key] = need((await ensureEntries(sql, key, [checked[key]])).get(checked[key]));
  return checked;
}

export function cleanOwn(
  fields: readonly OwnField[],
  own: PersonFields['own'],
): PersonFields['own'] {
  const checked: PersonFields['own'] = {};
  for (const [id, raw] of Object.entries(own)) {
    const field = fields.find((f) => f.id === id);
    if (!field) throw invalid('This custom field no longer exists.', `own.${id}`);
    if (raw === '') continue;
    const value = readOwnValue(field, raw);
    if (value === null)
      throw invalid(
        `“${raw}” is not ${OWN_WANTS[field.type]}, which ${field.name} wants.`,
        `own.${id}`,
      );
    checked[id] = value;
  }
  return checked;
}

/** A draft's one e-mail and phone stand before its others. */
export function draftFields(draft: PersonDraft): Partial<PersonFields> {
  const {
    email,
    phone,
    circleId: _c,
    tags: _t,
    note: _n,
    referredBy: _r,
    ties: _i,
    ...rest
  } = draft;
  const fields = rest as Partial<PersonFields>;
  if (email) fields.emails = [{ value: email, label: '' }, ...(fields.emails ?? [])];
  if (phone) fields.phones = [{ value: phone, label: '' }, ...(fields.phones ?? [])];
  return fields;
}

/** Puts the roles, standings and sources of many on the lists, and writes them as the lists do. */
export async function ensureNamed(sql: Sql, people: readonly PersonFields[]): Promise<void> {
  const roles = await ensureEntries(
    sql,
    'role',
    people.flatMap((p) => p.roles),
  );
  for (const p of people) p.roles = [...new Set(p.roles.map((role) => need(roles.get(role))))];
  for (const key of ['standing', 'source'] as const) {
    const names = await ensureEntries(
      sql,
      key,
      people.map((p) => p[key]),
    );
    for (const p of people) p[key] = names.get(p[key]) ?? '';
  }
}
