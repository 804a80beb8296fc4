import { ownFieldName, SERVICE, BIRTHDAY, type YearlyDate } from '@/core/cadences';
import { ownValueText } from '@/core/intake';
import type { NamedDate, OwnField, PersonFields } from '@/core/people';

import type { FactValues } from '../people';

/** What the merge fields of a person are made of. */
export interface Nameable {
  name: string;
  given_name: string;
  goes_by: string;
  family_name: string;
  company: string;
  phone: string;
  email: string;
  place: string;
  own: PersonFields['own'];
}

/** The merge fields of one person, the owner's own fields and what subjects know among them. */
export const wordValues = (person: Nameable, own: readonly OwnField[], facts: FactValues = {}) => ({
  ...facts,
  ...Object.fromEntries(
    own.map((field) => {
      const value = person.own[field.id];
      return [ownFieldName(field.name), value === undefined ? null : ownValueText(field, value)];
    }),
  ),
  name: person.name,
  first_name: person.goes_by || person.given_name,
  last_name: person.family_name,
  company: person.company,
  phone: person.phone,
  email: person.email,
  place: person.place,
});

/** 'MM-DD' or 'YYYY-MM-DD'. */
function yearly(name: string, on: string): YearlyDate {
  const parts = on.split('-').map(Number);
  const [month, day] = parts.slice(-2) as [number, number];
  return { name, month, day, year: parts.length === 3 ? parts[0]! : null };
}

/** The dates of a person that beats can be planned around. */
export function yearlyDates(person: {
  birthday: string | null;
  dates: readonly NamedDate[];
  served_on: string | null;
}): YearlyDate[] {
  const { birthday, dates, served_on } = person;
  const born = birthday ? yearly(BIRTHDAY, birthday) : null;
  return [
    // A birthday comes every year, whenever they were born.
    ...(born ? [{ ...born, year: null }] : []),
    ...(served_on ? [yearly(SERVICE, served_on)] : []),
    ...dates.map(({ name, on }) => yearly(name, on)),
  ];
}
