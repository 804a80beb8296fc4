import type { ApiError, CallInput, CallOutput, Endpoint, ErrorCode } from './endpoint';

/** A refusal of the server, with its sentence for people. */
export class CallFault extends Error {
  constructor(
    readonly code: ErrorCode,
    message: string,
    readonly field?: string,
  ) {
    super(message);
  }
}

const UNREACHABLE = 'Pen Pal can’t be reached. Check that it is still running, then try again.';

function urlOf(endpoint: Endpoint, input: CallInput<Endpoint>): string {
  const params = (input.params ?? {}) as Record<string, string>;
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(params[name]!),
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
}

/** Calls an endpoint of the contract. The server has checked its answer against the same schema. */
export async function call<E extends Endpoint>(
  endpoint: E,
  input: CallInput<E> = {},
  { base = '', signal }: CallOptions = {},
): Promise<CallOutput<E>> {
  let response: Response;
  try {
    response = await fetch(base + urlOf(endpoint, input), {
      method: endpoint.method.toUpperCase(),
      ...(endpoint.method === 'get'
        ? {}
        : {
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify(input.body ?? {}),
          }),
      ...(signal ? { signal } : {}),
    });
  } catch (error) {
    if ((error as Error).name === 'AbortError') throw error;
    throw new CallFault('unavailable', UNREACHABLE);
  }
  const body = (await response.json().catch(() => null)) as CallOutput<E> | ApiError | null;
  if (response.ok) return body as CallOutput<E>;
  const fault = (body as ApiError | null)?.error;
  throw new CallFault(fault?.code ?? 'internal', fault?.message ?? UNREACHABLE, fault?.field);
}
