import { z } from 'zod';

import type { Topic } from './topics';

/** The failures that an endpoint may name. Clients branch on these; people read the sentence. */
export const ERROR_CODES = [
  'invalid',
  'not_found',
  'conflict',
  'too_large',
  'forbidden',
  /** Nobody is signed in on this device; the passphrase is wanted. */
  'signed_out',
  /** Too many tries or requests from one place; later it works. */
  'too_soon',
  'unavailable',
  'internal',
] as const;
/** What went wrong, for programs; the sentence is for people. */
export type ErrorCode = (typeof ERROR_CODES)[number];

/** The body of every response that is not 2xx. */
export const ApiError = z.object({
  error: z.object({
    code: z.enum(ERROR_CODES),
    /** A sentence for people: what happened and what to do. */
    message: z.string(),
    /** The field or person concerned, where there is one. */
    field: z.string().optional(),
    /** Every field at fault, each with a sentence that can stand at it. */
    fields: z.array(z.object({ field: z.string(), message: z.string() })).optional(),
  }),
});
export type ApiError = z.infer<typeof ApiError>;

export interface Endpoint<
  Params extends z.ZodType = z.ZodType,
  Query extends z.ZodType = z.ZodType,
  Body extends z.ZodType = z.ZodType,
  Response extends z.ZodType = z.ZodType,
> {
  method: 'get' | 'post' | 'patch' | 'put' | 'delete';
  /** Express path below /api, such as '/people/:id'. */
  path: string;
  subject: string;
  summary: string;
  params: Params;
  query: Query;
  body: Body;
  response: Response;
  errors: readonly ErrorCode[];
  /** What its answer is about, for what reads; without it, it may change with any write. */
  shows?: readonly Topic[];
  /** Answered without a session too, where the passphrase is wanted. */
  open?: boolean;
  /** Its response holds a secret that is shown once and stored nowhere. */
  secret?: boolean;
  /** Works through thousands of rows: it may take minutes, and says meanwhile how far it is. */
  long?: boolean;
}

const none = z.object({});
type None = typeof none;

/** Declares an endpoint; parts that it does not take are the empty object. */
export function endpoint<
  Response extends z.ZodType,
  Params extends z.ZodType = None,
  Query extends z.ZodType = None,
  Body extends z.ZodType = None,
>(of: {
  method: Endpoint['method'];
  path: string;
  subject: string;
  summary: string;
  params?: Params;
  query?: Query;
  body?: Body;
  response: Response;
  errors?: readonly ErrorCode[];
  shows?: readonly Topic[];
  open?: boolean;
  secret?: boolean;
  long?: boolean;
}): Endpoint<Params, Query, Body, Response> {
  return {
    ...of,
    params: of.params ?? (none as unknown as Params),
    query: of.query ?? (none as unknown as Query),
    body: of.body ?? (none as unknown as Body),
    errors: of.errors ?? [],
  };
}

/** What a caller gives to an endpoint, before its schemas have read it. */
export interface CallInput<E extends Endpoint> {
  params?: z.input<E['params']>;
  query?: z.input<E['query']>;
  body?: z.input<E['body']>;
}
/** What an endpoint answers, as its schema reads it. */
export type CallOutput<E extends Endpoint> = z.output<E['response']>;
