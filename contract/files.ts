import { z } from 'zod';

import { Id } from './common';
import { endpoint } from './endpoint';

/** A file may be so large, and all that goes with one e-mail together: mail servers refuse much more. */
export const MOST_FILE_BYTES = 10 * 1024 * 1024;
/** How large the files of one message may be together. */
export const MOST_FILES_BYTES = 15 * 1024 * 1024;
/** How many files may go with one message. */
export const MOST_FILES = 10;

/** A file that was uploaded, without its bytes. */
export const KeptFile = z.object({
  id: Id,
  name: z.string(),
  /** Media type. */
  type: z.string(),
  /** Bytes. */
  size: z.number().int(),
  /** Pixels, of a picture. */
  width: z.number().int().nullable(),
});
export type KeptFile = z.infer<typeof KeptFile>;

/** Where a kept file is served. */
export const fileUrl = (id: string): string => `/api/files/${id}`;

export const keepFile = endpoint({
  method: 'post',
  path: '/files',
  subject: 'files',
  long: true,
  summary:
    'Keeps a file for e-mails; a picture for the words is made small enough. What nothing uses goes by itself',
  body: z.object({
    name: z.string().trim().min(1, 'Name the file.').max(200),
    /** The bytes, base64. */
    content: z.string(),
    /** `picture` stands in the words, `along` goes with them. */
    as: z.enum(['picture', 'along']),
  }),
  response: z.object({ file: KeptFile }),
  errors: ['invalid', 'too_large'],
});
