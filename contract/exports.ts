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
  long: true,
  subject,
  summary: 'People as a CSV or vCard 4.0 file; the columns are remembered',
  body: z.object({
    who: Who,
    format: z.enum(['csv', 'vcard']),
    /** Of a CSV file. */
    columns: z.array(Column).max(200).default([]),
  }),
  response: z.object({
    fileName: z.string(),
    mime: z.string(),
    content: z.string(),
    people: z.number().int(),
  }),
  errors: ['invalid'],
});
