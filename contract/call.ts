import { need } from '@/core/need';

import type { ApiError, CallInput, CallOutput, Endpoint, ErrorCode } from './endpoint';
import type { FieldFault } from './faults';

/** A refusal of the server with its sentence for people, or that no answer came. */
export class CallFault extends Error {
  constructor(
    /** `silent`: nothing was heard in time. */
    readonly code: ErrorCode | 'silent',
    message: string,
    /** The fields at fault; empty when it is about the whole. */
    readonly fields: readonly FieldFault[] = [],
    /** What broke on the way, where no answer came. */
    cause?: unknown,
  ) {
    super(message, { cause });
  }

  /** The first field at fault. */
  get field(): string | undefined {
    return this.fields[0]?.field;
  }
}

const UNREACHABLE = 'Pen Pal can’t be reached. Check that it is still running, then try again.';
const SILENT = {
  get: 'Pen Pal has not answered for a while. Try again.',
  write:
    'Pen Pal has not answered for a while. It may have been saved all the same: look before you try again.',
};
const NOT_PEN_PAL =
  'Something else than Pen Pal answered: perhaps it stands between you and Pen Pal. Nothing is known to be saved; try again in a moment.';

/** How long an answer is waited for, in milliseconds. */
const PATIENCE_MS = { get: 45_000, write: 90_000 };

function urlOf(endpoint: Endpoint, input: CallInput<Endpoint>): string {
  const params = (input.params ?? {}) as Record<string, string>;
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(need(params[name])),
  );
  const query = new URLSearchParams();
  for (const [name, value] of Object.entries((input.query ?? {}) as Record<string, unknown>))
    if (value !== undefined && value !== '') query.set(name, String(value));
  const text = query.toString();
  return `/api${path}${text ? `?${text}` : ''}`;
}

export interface CallOptions {
  /** Where the server is; the page's own address when left out. */
  base?: string;
  signal?: AbortSignal;
  /** What is sent again under the same key is done once; every write has one. */
  key?: string;
}

/** A key for a write: 128 random bits. (`randomUUID` is missing where the page came over plain HTTP.) */
export const newKey = (): string =>
  [...crypto.getRandomValues(new Uint8Array(16))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('');

const requestOf = (
  endpoint: Endpoint,
  input: CallInput<Endpoint>,
  key = newKey(),
): RequestInit => ({
  method: endpoint.method.toUpperCase(),
  ...(endpoint.method === 'get'
    ? {}
    : {
        headers: { 'content-type': 'application/json', 'idempotency-key': key },
        body: JSON.stringify(input.body ?? {}),
      }),
});

/** Asks, and gives up when asked to, or when nothing is heard in time. */
async function ask(
  endpoint: Endpoint,
  input: CallInput<Endpoint>,
  { base = '', signal, key }: CallOptions,
): Promise<{ ok: boolean; body: unknown }> {
  const kind = endpoint.method === 'get' ? 'get' : 'write';
  const stop = new AbortController();
  const end = () => stop.abort();
  signal?.addEventListener('abort', end);
  if (signal?.aborted) end();
  const timer = endpoint.long ? undefined : setTimeout(end, PATIENCE_MS[kind]);
  try {
    const request = { ...requestOf(endpoint, input, key), signal: stop.signal };
    const response = await fetch(base + urlOf(endpoint, input), request);
    // What can't be read as JSON is told from an answer of null by being undefined.
    const body: unknown = await response.json().catch((error: Error) => {
      if (error.name === 'AbortError') throw error;
      return undefined;
    });
    return { ok: response.ok, body };
  } catch (error) {
    if (signal?.aborted) throw error;
    if (stop.signal.aborted) throw new CallFault('silent', SILENT[kind]);
    throw new CallFault('unavailable', UNREACHABLE, [], error);
  } finally {
    clearTimeout(timer);
    signal?.removeEventListener('abort', end);
  }
}

/** Calls an endpoint of the contract. The server has checked its answer against the same schema. */
export async function call<E extends Endpoint>(
  endpoint: E,
  input: CallInput<E> = {},
  options: CallOptions = {},
): Promise<CallOutput<E>> {
  const { ok, body } = await ask(endpoint, input, options);
  if (ok && body !== undefined) return body as CallOutput<E>;
  const fault = (body as ApiError | undefined)?.error;
  if (!fault) throw new CallFault('unavailable', NOT_PEN_PAL);
  const { code, message, field, fields } = fault;
  throw new CallFault(code, message, fields ?? (field ? [{ field, message }] : []));
}
