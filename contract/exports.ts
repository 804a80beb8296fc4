import { z } from 'zod';

import { endpoint } from './endpoint';
import { Who } from './filters';
import { Target } from './imports';

const subject = 'people';

/** A column that could come in as well, or something that a subject knows. */
const Column = z.union([Target, z.templateLiteral(['fact:', z.string().max(60)])]);

export const exportColumns = endpoint({
  method: 'get',
  path: '/exports/columns',
  subject,
  shows: ['lists'],
  summary: 'The columns that can go out, and those chosen last time',
  response: z.object({
    columns: z.array(z.object({ key: Column, label: z.string() })),
    chosen: z.array(Column),
  }),
});

export const exportPeople = endpoint({
  method: 'post',
  path: '/exports',
  subject,
  summary:
    'Prepares a CSV or vCard 4.0 file of people, to be fetched from where the answer says; the columns are remembered',
  body: z.object({
    who: Who,
    format: z.enum(['csv', 'vcard']),
    /** Of a CSV file. */
    columns: z.array(Column).max(200).default([]),
  }),
  response: z.object({
    /** Where the file is; it is written while it is fetched, and forgotten after later ones. */
    path: z.string(),
    fileName: z.string(),
    people: z.number().int(),
  }),
  errors: ['invalid'],
});
