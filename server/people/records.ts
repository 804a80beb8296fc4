import type { PersonFields } from '@/contract/people';
import { displayName, fold } from '@/core/people';

import { newId } from '../db';
import type { NoteRecord, PersonRecord } from './queries';

const EMPTY: PersonFields = {
  givenName: '',
  familyName: '',
  goesBy: '',
  company: '',
  email: '',
  phone: '',
  addressLine: '',
  city: '',
  region: '',
  postalCode: '',
  place: '',
  birthday: null,
  roles: [],
  source: '',
};

export const fieldsOf = (row: PersonRecord): PersonFields => ({
  givenName: row.given_name,
  familyName: row.family_name,
  goesBy: row.goes_by,
  company: row.company,
  email: row.email,
  phone: row.phone,
  addressLine: row.address_line,
  city: row.city,
  region: row.region,
  postalCode: row.postal_code,
  place: row.place,
  birthday: row.birthday,
  roles: row.roles,
  source: row.source,
});

export interface RecordBase {
  id: string;
  version: number;
  circleId: string | null;
  ownPromiseDays: number | null;
  addedOn: string;
  batchId: string | null;
}

/** The row of a person, with the name as shown and the text that search looks in. */
export function toRecord(given: Partial<PersonFields>, base: RecordBase): PersonRecord {
  const fields = { ...EMPTY, ...given };
  return {
    id: base.id,
    version: base.version,
    given_name: fields.givenName,
    family_name: fields.familyName,
    goes_by: fields.goesBy,
    company: fields.company,
    email: fields.email,
    phone: fields.phone,
    address_line: fields.addressLine,
    city: fields.city,
    region: fields.region,
    postal_code: fields.postalCode,
    place: fields.place,
    birthday: fields.birthday,
    roles: fields.roles,
    source: fields.source,
    circle_id: base.circleId,
    own_promise_days: base.ownPromiseDays,
    added_on: base.addedOn,
    batch_id: base.batchId,
    name: displayName(fields),
    search_text: searchText(fields),
  };
}

function searchText(f: PersonFields): string {
  const words = [
    f.givenName,
    f.goesBy,
    f.familyName,
    f.company,
    f.email,
    f.addressLine,
    f.city,
    f.place,
  ];
  return fold([...words, f.phone, f.phone.replace(/\D/g, '')].filter(Boolean).join(' '));
}

export const toNote = (personId: string, onDay: string, body: string): NoteRecord => ({
  id: newId(),
  person_id: personId,
  on_day: onDay,
  body,
  search_text: fold(body),
});
