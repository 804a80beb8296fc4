import { z } from 'zod';

import { COLUMN_KEYS, type ImportTarget } from '@/core/people';

import { BatchId, CircleId, Done, Id, IdParam } from './common';
import { endpoint } from './endpoint';

const subject = 'people';

/** For each column of the file, the part of a person that it fills; null leaves it out. */
export const Target = z.union([
  z.enum(COLUMN_KEYS),
  z.templateLiteral(['own:', z.uuid()]),
]) as unknown as z.ZodType<ImportTarget, ImportTarget>;
export const Mapping = z.array(Target.nullable()).max(200);
export type Mapping = z.infer<typeof Mapping>;

const ImportFile = z.object({
  fileName: z.string().max(255),
  /** The bytes of the file, base64. */
  content: z.string(),
  /** Pasted names and addresses; without it, Pen Pal sees whether a file is CSV or vCard. */
  pasted: z.boolean().default(false),
  /** Null lets Pen Pal guess. */
  mapping: Mapping.nullable(),
});

export const ImportPreview = z.object({
  format: z.enum(['csv', 'vcard', 'pasted']),
  encoding: z.string(),
  delimiter: z.string(),
  columns: z.array(z.object({ name: z.string(), samples: z.array(z.string()) })),
  mapping: Mapping,
  people: z.number().int(),
  sample: z.array(z.object({ row: z.number().int(), name: z.string(), reach: z.string() })),
  /** Who is here already, or stands in the file twice. */
  same: z.object({
    sure: z.number().int(),
    ask: z.number().int(),
    sample: z.array(
      z.object({
        row: z.number().int(),
        name: z.string(),
        other: z.string(),
        verdict: z.enum(['sure', 'ask']),
        evidence: z.array(z.string()),
      }),
    ),
  }),
  /** The first rows and values that can't be read, each with its row in the file and why. */
  faults: z.array(z.object({ row: z.number().int(), why: z.string(), leftOut: z.boolean() })),
  faultCount: z.number().int(),
  /** How many of the faults leave their whole row out. */
  leftOut: z.number().int(),
});
export type ImportPreview = z.infer<typeof ImportPreview>;

export const previewImport = endpoint({
  method: 'post',
  path: '/imports/preview',
  long: true,
  subject,
  summary:
    'Reads a CSV or vCard file or pasted names and shows what it would bring; writes nothing',
  body: ImportFile,
  response: ImportPreview,
  errors: ['invalid', 'too_large'],
});

export const runImport = endpoint({
  method: 'post',
  path: '/imports',
  long: true,
  subject,
  summary: 'Imports a file or a pasted list as one batch',
  body: ImportFile.extend({
    circleId: CircleId.nullable(),
    tag: z.string().trim().max(60).nullable(),
    /** Who is surely here already: what is new about them is added to them, or they come in again. */
    same: z.enum(['join', 'add']).default('join'),
  }),
  response: Done.extend({
    batchId: BatchId,
    /** People who are new. */
    people: z.number().int(),
    /** People who were here and got what is new about them. */
    joined: z.number().int(),
    leftOut: z.number().int(),
  }),
  errors: ['invalid', 'too_large', 'not_found'],
});

export const ImportBatch = z.object({
  id: Id,
  fileName: z.string(),
  at: z.string(),
  people: z.number().int(),
  leftOut: z.number().int(),
  undone: z.boolean(),
});
export type ImportBatch = z.infer<typeof ImportBatch>;

export const listImports = endpoint({
  method: 'get',
  path: '/imports',
  subject,
  shows: ['imports'],
  summary: 'The import batches, the latest first',
  response: z.object({ batches: z.array(ImportBatch) }),
});

export const undoImport = endpoint({
  method: 'post',
  path: '/imports/:id/undo',
  long: true,
  subject,
  summary: 'Takes a batch back; people who have a history since are kept and counted',
  params: IdParam,
  response: Done.extend({ removed: z.number().int(), kept: z.number().int() }),
  errors: ['not_found', 'conflict'],
});
