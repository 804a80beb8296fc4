import { z } from 'zod';

import { Day } from './common';
import { endpoint } from './endpoint';
import { FilterQuery } from './filters';
import { DateShown } from './greetings';

const subject = 'almanac';

const Named = z.object({ code: z.string(), name: z.string() });

export const listCountries = endpoint({
  method: 'get',
  path: '/holidays/countries',
  subject,
  shows: ['settings'],
  summary: 'The countries whose public holidays are known, and the parts of one of them',
  query: z.object({ country: z.string().max(2).default('') }),
  response: z.object({ countries: z.array(Named), regions: z.array(Named) }),
});

export const listHolidays = endpoint({
  method: 'get',
  path: '/holidays',
  subject,
  shows: ['settings'],
  summary: 'Public holidays of the coming year where the owner works',
  response: z.object({
    holidays: z.array(
      z.object({
        on: Day,
        name: z.string(),
        /** A day on which the owner works all the same. */
        worked: z.boolean(),
      }),
    ),
  }),
});

const READ = [
  'almanac',
  'people',
  'settings',
  'lists',
  'enrolments',
  'touches',
  'plan',
  'messages',
] as const;

const Filter = FilterQuery.omit({ among: true, batchId: true, lacks: true });

export const getAlmanac = endpoint({
  method: 'get',
  path: '/almanac',
  subject,
  shows: READ,
  summary: 'The dates and holidays from one day to another, each with what is planned for it',
  query: Filter.extend({ from: Day, to: Day }),
  response: z.object({
    today: Day,
    total: z.number().int(),
    days: z.array(
      z.object({
        on: Day,
        /** With how many are to be greeted on each. */
        holidays: z.array(z.object({ name: z.string(), toGreet: z.number().int() })),
        dates: z.array(DateShown),
        /** Cards and letters that have to be written on it at the latest, still to be written. */
        writeBy: z.number().int(),
        /** What the greetings cost that are still to be given on it, in minor units. */
        costMinor: z.number().int(),
      }),
    ),
  }),
  errors: ['invalid'],
});

export const getAlmanacYear = endpoint({
  method: 'get',
  path: '/almanac/year',
  subject,
  shows: READ,
  summary: 'How many dates and greetings fall on each day of a year, and what it costs',
  query: Filter.extend({ year: z.coerce.number().int().min(1900).max(2200) }),
  response: z.object({
    today: Day,
    year: z.number().int(),
    /** By day of the year, the first of January at 0. */
    dates: z.array(z.number().int()),
    greetings: z.array(z.number().int()),
    /** Days of the year that are holidays, with their names. */
    holidays: z.array(z.object({ on: Day, name: z.string() })),
    months: z.array(
      z.object({
        dates: z.number().int(),
        greetings: z.number().int(),
        costMinor: z.number().int(),
      }),
    ),
    occasions: z.array(
      z.object({ occasion: z.string(), name: z.string(), dates: z.number().int() }),
    ),
    minutes: z.number().int(),
    costMinor: z.number().int(),
    /** Whether greetings of the whole year can be told: those of a year that is not near are not planned yet. */
    planned: z.boolean(),
  }),
  errors: ['invalid'],
});
