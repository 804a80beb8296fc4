import { need } from '@/core/need';
import { displayName, fold, NOBODY, searchText, sortName, type PersonFields } from '@/core/people';
import { homeKey, matchKeys, nameSounds, traitsOf } from '@/core/same';

import type { PersonFields as ContractFields } from '@/contract/record';

import { newId } from '../../db';
import type { NoteRecord } from './notes';

/** Counts the rules by which keys and sounds are made; people with older ones are keyed anew at start. */
export const KEYS_VERSION = 3;

/** The columns that hold what a person's fields hold, by field. */
const COLUMN_OF: Record<keyof PersonFields, string> = {
  prefix: 'prefix',
  givenName: 'given_name',
  middleName: 'middle_name',
  familyName: 'family_name',
  suffix: 'suffix',
  goesBy: 'goes_by',
  company: 'company',
  jobTitle: 'job_title',
  emails: 'emails',
  phones: 'phones',
  addresses: 'addresses',
  links: 'links',
  birthday: 'birthday',
  dates: 'dates',
  interests: 'interests',
  roles: 'roles',
  standing: 'standing',
  source: 'source',
  preferred: 'preferred',
  language: 'language',
  favourite: 'favourite',
  wouldRefer: 'would_refer',
  wouldReferOn: 'would_refer_on',
  own: 'own',
  consent: 'consent',
};
const FIELD_NAMES = Object.keys(COLUMN_OF) as (keyof PersonFields)[];

/** A row of `person` without the computed columns, by their names in the database. */
export interface PersonRecord {
  id: string;
  version: number;
  given_name: string;
  family_name: string;
  goes_by: string;
  company: string;
  circle_id: string | null;
  own_promise_days: number | null;
  added_on: string;
  batch_id: string | null;
  household_id: string | null;
  lives_apart: boolean;
  name: string;
  search_text: string;
  sort_name: string;
  keys_version: number;
  match_keys: string[];
  home_key: string;
  sounds: string[];
  [column: string]: unknown;
}

/** Names and types of the columns of a {@link PersonRecord}, for `json_to_recordset`. */
export const PERSON_COLUMNS = `id uuid, version int, prefix text, given_name text, middle_name text,
  family_name text, suffix text, goes_by text, company text, job_title text, emails jsonb, phones jsonb,
  addresses jsonb, links jsonb, birthday text, dates jsonb, interests text[], roles text[], standing text,
  source text, preferred text, language text, favourite boolean, would_refer text, would_refer_on date,
  own jsonb, consent jsonb, circle_id uuid, own_promise_days int, added_on date, batch_id uuid,
  household_id uuid, lives_apart boolean, name text, search_text text, sort_name text, keys_version int,
  match_keys text[], home_key text, sounds text[]`;

/** The fields of a person's row. */
export const fieldsOf = (row: Record<string, unknown>): PersonFields =>
  Object.fromEntries(
    FIELD_NAMES.map((key) => [key, row[COLUMN_OF[key]]]),
  ) as unknown as PersonFields;

/** A row's fields as the contract gives them out. */
export const contractFields = (row: Record<string, unknown>): ContractFields =>
  fieldsOf(row) as ContractFields;

export interface RecordBase {
  id: string;
  version: number;
  circleId: string | null;
  ownPromiseDays: number | null;
  addedOn: string;
  batchId: string | null;
  householdId?: string | null;
  livesApart?: boolean;
}

/** The row of a person, with the name as shown and what search and detection look in. */
export function toRecord(given: Partial<PersonFields>, base: RecordBase): PersonRecord {
  const fields = { ...NOBODY, ...given };
  const columns: Record<string, unknown> = {};
  for (const key of FIELD_NAMES) columns[COLUMN_OF[key]] = fields[key];
  return Object.assign(columns, {
    id: base.id,
    version: base.version,
    circle_id: base.circleId,
    own_promise_days: base.ownPromiseDays,
    added_on: base.addedOn,
    batch_id: base.batchId,
    household_id: base.householdId ?? null,
    lives_apart: base.livesApart ?? false,
    ...lookedUpBy(fields),
  }) as PersonRecord;
}

/** What of a row follows from the fields. */
export function lookedUpBy(fields: PersonFields) {
  const traits = traitsOf(fields);
  return {
    name: displayName(fields),
    search_text: searchText(fields),
    sort_name: sortName(fields),
    keys_version: KEYS_VERSION,
    match_keys: matchKeys(traits),
    home_key: homeKey(fields.addresses[0]),
    sounds: nameSounds(traits),
  };
}

/** A note as a row, with the tags written in it. */
export const toNote = (personId: string, onDay: string, body: string): NoteRecord => ({
  id: newId(),
  person_id: personId,
  on_day: onDay,
  body,
  search_text: fold(body),
  pinned: false,
  tags: writtenTags(body),
});

/** The words of a text that stand after a #, without it. */
export const writtenTags = (text: string): string[] => [
  ...new Set(
    [...text.matchAll(/(?<![\p{L}\p{N}])#([\p{L}\p{N}_-]+)/gu)].map(([, tag]) => need(tag)),
  ),
];
