import { z } from 'zod';

import { endpoints } from '@/contract';
import type { Endpoint } from '@/contract/endpoint';
import { Random } from '@/demo/random';

import { Values, type JsonSchema } from './values';

/** What went wrong, with all it takes to do it again. */
export interface Finding {
  what: string;
  method: string;
  path: string;
  body: string | undefined;
}

export interface FuzzOptions {
  base: string;
  seed: number;
  requests: number;
  /** Something that changes with every write; asked for after a refusal. */
  writes: () => Promise<unknown>;
  /** Endpoints that are not asked, by path. */
  without?: readonly string[];
  /** An answer that takes longer is told; on a busy machine everything takes its time. */
  slowAfterMs?: number;
  onProgress?: (done: number) => void;
}

export interface Fuzzed {
  findings: Finding[];
  /** How many answers there were of each status. */
  statuses: Record<number, number>;
  /** Endpoints that took at least one request. */
  taken: Set<string>;
}

/** An answer is waited for so long. */
const GIVEN_UP_AFTER_MS = 20_000;

const schemaOf = (schema: z.ZodType): JsonSchema =>
  z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as JsonSchema;

const IDS_KEPT = 400;
const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/**
 * Sends requests made from the contract: mostly such as it takes, about ids that are there, and now and
 * then something odd. No answer may be a failure of ours, none may hang, and what is refused writes
 * nothing.
 */
export async function fuzz(options: FuzzOptions): Promise<Fuzzed> {
  const {
    base,
    seed,
    requests,
    writes,
    without = [],
    slowAfterMs = Infinity,
    onProgress,
  } = options;
  const random = new Random(seed);
  const ids = ['0190a000-0000-7000-8000-000000000001'];
  const values = new Values(random, ids, 0.12);
  const all = endpoints
    .filter(({ path }) => !without.includes(path))
    .map((endpoint) => ({
      endpoint,
      params: schemaOf(endpoint.params),
      query: schemaOf(endpoint.query),
      body: schemaOf(endpoint.body),
    }));
  const fuzzed: Fuzzed = { findings: [], statuses: {}, taken: new Set() };
  const tell = (what: string, method: string, path: string, body?: string) =>
    fuzzed.findings.push({ what, method, path, body: body?.slice(0, 2_000) });
  let before = await writes();
  for (let n = 0; n < requests; n++) {
    const { endpoint, ...schemas } = random.pick(all);
    const { method, path, body } = requestOf(endpoint, schemas, values, random);
    const began = performance.now();
    const response = await fetch(base + path, {
      method,
      signal: AbortSignal.timeout(GIVEN_UP_AFTER_MS),
      ...(method === 'GET' ? {} : { headers: { 'content-type': 'application/json' }, body: body! }),
    }).catch((error: Error) => error);
    if (!('status' in response)) {
      tell(`no answer: ${response.message}`, method, path, body);
      continue;
    }
    const text = await response.text();
    const tookMs = performance.now() - began;
    fuzzed.statuses[response.status] = (fuzzed.statuses[response.status] ?? 0) + 1;
    if (response.status >= 500)
      tell(`${response.status}: ${text.slice(0, 300)}`, method, path, body);
    if (tookMs > slowAfterMs && !endpoint.long)
      tell(`took ${Math.round(tookMs)} ms`, method, path, body);
    if (response.ok) fuzzed.taken.add(`${method} ${endpoint.path}`);
    const after = method === 'GET' && response.ok ? before : await writes();
    if (!response.ok && JSON.stringify(after) !== JSON.stringify(before))
      tell(`${response.status}, and something was written`, method, path, body);
    before = after;
    for (const id of new Set(text.match(UUID) ?? [])) if (!ids.includes(id)) ids.push(id);
    while (ids.length > IDS_KEPT) ids.splice(random.int(1, ids.length - 1), 1);
    if (n % 500 === 499) onProgress?.(n + 1);
  }
  return fuzzed;
}

interface Schemas {
  params: JsonSchema;
  query: JsonSchema;
  body: JsonSchema;
}

function requestOf(endpoint: Endpoint, schemas: Schemas, values: Values, random: Random) {
  const params = asRecord(values.make(schemas.params));
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) => {
    const given = params[name];
    const text = given === undefined ? values.text() : String(given);
    // Once in a while as it is, without being made fit for an address.
    return random.chance(0.02) ? text : encodeURIComponent(text.toWellFormed());
  });
  const query = new URLSearchParams();
  for (const [name, value] of Object.entries(asRecord(values.make(schemas.query))))
    query.append(name, typeof value === 'object' ? JSON.stringify(value) : String(value));
  const search = query.toString();
  const method = endpoint.method.toUpperCase();
  const body = method === 'GET' ? undefined : JSON.stringify(values.make(schemas.body));
  return { method, path: `/api${path}${search && `?${search}`}`, body };
}

const asRecord = (value: unknown): Record<string, unknown> =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>) : {};
