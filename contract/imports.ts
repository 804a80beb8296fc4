import { z } from 'zod';

import { IMPORT_TARGETS } from '@/core/people';

import { Done, Id, IdParam } from './common';
import { endpoint } from './endpoint';

const subject = 'people';

/** For each column of the file, the part of a person that it fills; null leaves it out. */
export const Mapping = z.array(z.enum(IMPORT_TARGETS).nullable()).max(200);
export type Mapping = z.infer<typeof Mapping>;

const ImportFile = z.object({
  fileName: z.string().max(255),
  /** The bytes of the file, base64. */
  content: z.string(),
  /** Null lets Pen Pal guess. */
  mapping: Mapping.nullable(),
});

export const ImportPreview = z.object({
  encoding: z.string(),
  delimiter: z.string(),
  columns: z.array(z.object({ name: z.string(), samples: z.array(z.string()) })),
  mapping: Mapping,
  people: z.number().int(),
  sample: z.array(z.object({ row: z.number().int(), name: z.string(), reach: z.string() })),
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
  subject,
  summary: 'Reads a CSV file and shows what it would bring; writes nothing',
  body: ImportFile,
  response: ImportPreview,
  errors: ['invalid', 'too_large'],
});

export const runImport = endpoint({
  method: 'post',
  path: '/imports',
  subject,
  summary: 'Imports a CSV file as one batch',
  body: ImportFile.extend({ circleId: Id.nullable(), tag: z.string().trim().max(60).nullable() }),
  response: Done.extend({ batchId: Id, people: z.number().int(), leftOut: z.number().int() }),
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
  summary: 'The import batches, the latest first',
  response: z.object({ batches: z.array(ImportBatch) }),
});

export const undoImport = endpoint({
  method: 'post',
  path: '/imports/:id/undo',
  subject,
  summary: 'Takes a batch back; people who have a history since are kept and counted',
  params: IdParam,
  response: Done.extend({ removed: z.number().int(), kept: z.number().int() }),
  errors: ['not_found', 'conflict'],
});
