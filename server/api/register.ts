import type { Router } from 'express';
import { z } from 'zod';

import type { Endpoint } from '@/contract/endpoint';

import { Refusal } from './errors';

export interface Given<E extends Endpoint> {
  params: z.output<E['params']>;
  query: z.output<E['query']>;
  body: z.output<E['body']>;
}

/** The first fault as a sentence, with the field it concerns. */
function refusalOf(error: z.ZodError): Refusal {
  const [issue] = error.issues;
  const field = issue?.path.join('.');
  const message = issue?.message ?? 'This could not be read.';
  const isOurs = / /.test(message) && /\.$/.test(message);
  return new Refusal('invalid', isOurs || !field ? message : `${field}: ${message}`, field);
}

function parse<T extends z.ZodType>(schema: T, value: unknown): z.output<T> {
  const result = schema.safeParse(value);
  if (!result.success) throw refusalOf(result.error);
  return result.data;
}

/** Serves an endpoint of the contract: what comes in and what goes out pass the shared schemas. */
export function register<E extends Endpoint>(
  router: Router,
  endpoint: E,
  handle: (given: Given<E>) => Promise<z.input<E['response']>>,
): void {
  router[endpoint.method](endpoint.path, async (request, response) => {
    const given = {
      params: parse(endpoint.params, request.params),
      query: parse(endpoint.query, request.query),
      body: parse(endpoint.body, request.body ?? {}),
    } as Given<E>;
    response.json(endpoint.response.parse(await handle(given)));
  });
}
