import { z } from 'zod';

import { endpoint } from './endpoint';

const subject = 'upkeep';

const Backup = z.object({
  name: z.string(),
  made: z.string(),
  bytes: z.number().int(),
  /** What came of opening it in a place of its own; null while that was not tried. */
  checked: z
    .object({ on: z.string(), people: z.number().int(), fault: z.string().nullable() })
    .nullable(),
});
/** A backup that is kept. */
export type Backup = z.infer<typeof Backup>;

export const readUpkeep = endpoint({
  method: 'get',
  path: '/upkeep',
  subject,
  shows: ['upkeep'],
  summary: 'The backups that are there, and whether the clock of the machine can be trusted',
  response: z.object({
    /** Where backups are; null where a PostgreSQL server keeps the data. */
    dir: z.string().nullable(),
    backups: z.array(Backup),
    /** What looks wrong with the clock, in a sentence; null for nothing. */
    clock: z.string().nullable(),
  }),
});

export const backUpNow = endpoint({
  method: 'post',
  path: '/upkeep/backups',
  subject,
  summary: 'Makes a backup now and checks that it opens',
  long: true,
  response: z.object({ backup: Backup }),
  errors: ['conflict', 'unavailable'],
});
