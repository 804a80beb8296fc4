import { z } from 'zod';

import { Day } from './common';
import { endpoint } from './endpoint';

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
