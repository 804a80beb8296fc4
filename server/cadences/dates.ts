import { BIRTHDAY, SERVICE, type YearlyDate } from '@/core/cadences';
import { need } from '@/core/need';
import type { NamedDate } from '@/core/people';

/** 'MM-DD' or 'YYYY-MM-DD'. */
function yearly(name: string, on: string): YearlyDate {
  const parts = on.split('-').map(Number);
  const [month, day] = parts.slice(-2) as [number, number];
  return { name, month, day, year: parts.length === 3 ? need(parts[0]) : null };
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
