import type { ApiError, CallOutput, Endpoint } from '@/contract/endpoint';

/** What a stand-in of the server answers: a value, a refusal, or something that is no answer. */
type Reply =
  | { json: unknown; status: number }
  | { html: string; status: number }
  | { never: true }
  | { unreachable: true };

interface Asked {
  method: string;
  path: string;
  body: unknown;
  key: string | undefined;
}

/** A refusal, as the server words it. */
export const refusal = (message: string, more: Partial<ApiError['error']> = {}): Reply => ({
  json: { error: { code: 'invalid', message, ...more } },
  status: 422,
});

export const NEVER: Reply = { never: true };
export const UNREACHABLE: Reply = { unreachable: true };
export const HTML: Reply = { html: '<!doctype html><title>Elsewhere</title>', status: 200 };

const DONE = {
  actionId: '01900000-0000-7000-8000-00000000d0e0',
  sentence: 'It is done',
  topics: [],
};

const matches = ({ method, path }: Endpoint, asked: Pick<Asked, 'method' | 'path'>) =>
  method.toUpperCase() === asked.method &&
  new RegExp(`^/api${path.replace(/:\w+/g, '[^/]+')}$`).test(asked.path.split('?')[0]!);

/** A reply as `fetch` hands it on. */
async function handOn(reply: Reply, signal: AbortSignal | null | undefined) {
  if ('unreachable' in reply) throw new TypeError('Failed to fetch');
  if ('never' in reply)
    await new Promise((_, fail) =>
      signal?.addEventListener('abort', () =>
        fail(Object.assign(new Error('stopped'), { name: 'AbortError' })),
      ),
    );
  const { status, ...of } = reply as Extract<Reply, { status: number }>;
  const json = async () => {
    if ('html' in of) throw new SyntaxError('Unexpected token <');
    return of.json;
  };
  return { ok: status < 400, status, json };
}

export type FakeServer = ReturnType<typeof fakeServer>;

/**
 * A server in small for component tests: what it is told to answer, it answers; reads that nobody
 * answers are on their way for ever; writes are done. What was asked is kept in `asked`.
 */
export function fakeServer() {
  const replies: [Endpoint, Reply | Promise<Reply>][] = [];
  const asked: Asked[] = [];
  const replyTo = (call: Asked) =>
    replies.findLast(([endpoint]) => matches(endpoint, call))?.[1] ??
    (call.method === 'GET' ? NEVER : { json: DONE, status: 200 });
  globalThis.fetch = (async (url: string, init: RequestInit = {}) => {
    const body = init.body ? (JSON.parse(String(init.body)) as unknown) : undefined;
    const key = (init.headers as Record<string, string> | undefined)?.['idempotency-key'];
    const call: Asked = { method: init.method ?? 'GET', path: String(url), body, key };
    asked.push(call);
    return handOn(await replyTo(call), init.signal);
  }) as unknown as typeof fetch;
  const server = {
    asked,
    /** The bodies that were sent to an endpoint, in order. */
    sent: (endpoint: Endpoint) =>
      asked.filter((call) => matches(endpoint, call)).map(({ body }) => body),
    /** The keys under which they were sent. */
    keys: (endpoint: Endpoint) =>
      asked.filter((call) => matches(endpoint, call)).map(({ key }) => key),
    /** Answers with a value, which has to fit the contract. */
    answer: <E extends Endpoint>(endpoint: E, value: CallOutput<E>) =>
      server.reply(endpoint, { json: endpoint.response.parse(value), status: 200 }),
    /** Answers with a refusal, or with what is no answer; a promise answers when it is kept. */
    reply(endpoint: Endpoint, reply: Reply | Promise<Reply>) {
      replies.push([endpoint, reply]);
      return server;
    },
  };
  return server;
}
