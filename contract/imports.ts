import { z } from 'zod';

import { COLUMN_KEYS, INCOMING_KEYS, type ColumnKey, type ColumnUse } from '@/core/people';

import { BatchId, CircleId, Done, Id, IdParam, PersonId } from './common';
import { endpoint } from './endpoint';

const subject = 'people';

/** A part of a person that can go out and come in: one of ours, or 'own:' with the id of an own field. */
export const Target = z.union([
  z.enum(COLUMN_KEYS),
  z.templateLiteral(['own:', z.uuid()]),
]) as unknown as z.ZodType<ColumnKey | `own:${string}`, ColumnKey | `own:${string}`>;

const USES = [...COLUMN_KEYS, ...INCOMING_KEYS, 'own:[0-9a-fA-F-]{36}'].join('|');

/**
 * How a column of a file is used: what it fills and, after an @, which of several it is ('phone@home',
 * 'city@work') or in which order its days are written ('birthday@dmy').
 */
export const Use = z
  .string()
  .regex(new RegExp(`^(?:${USES})(?:@[^@]{1,40})?$`), 'A column can’t be used like this.')
  .meta({ example: 'phone@home' }) as unknown as z.ZodType<ColumnUse, ColumnUse>;

/** For each column of the file its use; null leaves it out. */
export const Mapping = z.array(Use.nullable()).max(500);
export type Mapping = z.infer<typeof Mapping>;

/** What the columns of a partner become: a tie by name, or a second person of the same home. */
const Partners = z.enum(['tie', 'person']).default('tie');

/** A file may have so many megabytes, of 2^20 bytes. */
export const MAX_FILE_MB = 24;

/** Says how large a file is and how large one may be. */
export const tooLargeSentence = (bytes: number): string =>
  `This file has ${Math.ceil(bytes / 2 ** 20)} MB; Pen Pal reads up to ${MAX_FILE_MB} MB at a time. Split it and import the parts.`;

const ImportFile = z.object({
  fileName: z.string().max(255),
  /** The bytes of the file, base64. */
  content: z.string(),
  /** Pasted names and addresses; without it, Pen Pal sees what kind of file it is. */
  pasted: z.boolean().default(false),
  /** Null lets Pen Pal guess. */
  mapping: Mapping.nullable(),
  partners: Partners,
});

const Fault = z.object({ row: z.number().int(), why: z.string(), leftOut: z.boolean() });

/** What an import would bring in. */
export const ImportPreview = z.object({
  /** By which the people in it can be looked through and put right, and imported. */
  id: Id,
  format: z.enum(['csv', 'sheet', 'vcard', 'pasted']),
  encoding: z.string(),
  delimiter: z.string(),
  columns: z.array(
    z.object({
      name: z.string(),
      samples: z.array(z.string()),
      /** What its use was guessed by; `none` where nobody understands it. */
      by: z.enum(['heading', 'content', 'none']),
      /** Days in it of which day and month can't be told apart: say which stands first. */
      unclear: z.array(z.string()),
    }),
  ),
  mapping: Mapping,
  partners: Partners,
  /** Names of which the split into first and last is a guess. */
  guessed: z.number().int(),
  people: z.number().int(),
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
  faults: z.array(Fault),
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
    'Reads a spreadsheet, a CSV or vCard file or pasted names and shows what it would bring; writes nothing',
  body: ImportFile,
  response: ImportPreview,
  errors: ['invalid', 'too_large'],
});

export const changePreview = endpoint({
  method: 'post',
  path: '/imports/previews/:id',
  long: true,
  subject,
  summary: 'Reads a file that is being looked at anew: columns used otherwise, cells put right',
  params: IdParam,
  body: z.object({
    mapping: Mapping.optional(),
    partners: z.enum(['tie', 'person']).optional(),
    /** Cells of a table put right, besides those before; an empty value empties the cell. */
    edits: z
      .array(
        z.object({
          row: z.number().int().min(1).max(1_000_000),
          column: z.number().int().min(0).max(500),
          value: z.string().max(10_000),
        }),
      )
      .max(1000)
      .optional(),
  }),
  response: ImportPreview,
  errors: ['invalid', 'too_large', 'not_found'],
});

/** Somebody who would come in, with all that was taken from their row. */
export const IncomingPerson = z.object({
  row: z.number().int(),
  name: z.string(),
  /** Whether they are the other one of a row that tells of two: the rest of it goes to the first. */
  second: z.boolean(),
  /** Whether the split of the name into first and last is a guess. */
  nameGuessed: z.boolean(),
  facts: z.array(
    z.object({
      what: z.string(),
      value: z.string(),
      /** The headings of the columns that it came from. */
      from: z.array(z.string()),
    }),
  ),
  /** The cells of the row in a table, as they stand with the corrections. */
  cells: z.array(z.string()),
  faults: z.array(z.string()),
  /** Who they are or may be: somebody here, or somebody earlier in the file. */
  same: z
    .object({
      other: z.string(),
      otherId: PersonId.nullable(),
      verdict: z.enum(['sure', 'ask']),
      evidence: z.array(z.string()),
      /** What their row says otherwise: it would go into a note. */
      differs: z.array(z.object({ what: z.string(), here: z.string(), there: z.string() })),
    })
    .nullable(),
});
export type IncomingPerson = z.infer<typeof IncomingPerson>;

/** Which rows of a preview are listed. */
export const SHOWN = ['all', 'faults', 'guessed', 'same'] as const;

export const previewPeople = endpoint({
  method: 'get',
  path: '/imports/previews/:id/people',
  subject,
  shows: ['imports', 'people', 'lists'],
  summary: 'The people whom a file would bring, a page at a time, those with faults first',
  params: IdParam,
  query: z.object({
    show: z.enum(SHOWN).default('all'),
    offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
    limit: z.coerce.number().int().min(1).max(200).default(50),
  }),
  response: z.object({ total: z.number().int(), people: z.array(IncomingPerson) }),
  errors: ['invalid', 'not_found'],
});

export const runImport = endpoint({
  method: 'post',
  path: '/imports',
  long: true,
  subject,
  summary: 'Imports a file or a pasted list as one batch',
  body: ImportFile.extend({
    content: z.string().default(''),
    mapping: Mapping.nullable().default(null),
    /** A preview of the file, with what was put right in it, in place of its content. */
    previewId: Id.nullable().default(null),
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
    /** Details that were said otherwise of who was joined; they are kept in notes. */
    differing: z.number().int(),
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
