import type { Request, Response, Router } from 'express';
import type { z } from 'zod';

import type { Endpoint } from '@/contract/endpoint';
import { faultsOf } from '@/contract/faults';
import { findPlainFault } from '@/contract/plain';
import { need } from '@/core/need';

import { currentRequest } from '../db';
import { Refusal } from './errors';

/** What a handler gets: read and checked by the endpoint's schemas. */
export interface RequestInput<E extends Endpoint> {
  params: z.output<E['params']>;
  query: z.output<E['query']>;
  body: z.output<E['body']>;
}

/** How it came, for what is about the device that asks. */
export interface Via {
  request: Request;
  response: Response;
}

/** What came in as the schema reads it; refused whole, naming every field at fault. */
function parse<T extends z.ZodType>(schema: T, value: unknown): z.output<T> {
  const fault = findPlainFault(value);
  if (fault) throw new Refusal('invalid', fault.message, fault.field || undefined);
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const { message, fields } = need(faultsOf(schema, value));
  throw new Refusal('invalid', message, need(fields[0]).field || undefined, fields);
}

/** Serves an endpoint of the contract: what comes in and what goes out pass the shared schemas. */
export function register<E extends Endpoint>(
  router: Router,
  endpoint: E,
  handle: (given: RequestInput<E>, via: Via) => Promise<z.input<E['response']>>,
): void {
  router[endpoint.method](endpoint.path, async (request, response) => {
    const given = {
      params: parse(endpoint.params, request.params),
      query: parse(endpoint.query, request.query),
      body: parse(endpoint.body, request.body ?? {}),
    } as RequestInput<E>;
    const keyed = currentRequest();
    if (keyed && endpoint.secret) keyed.secret = true;
    response.json(endpoint.response.parse(await handle(given, { request, response })));
  });
}
