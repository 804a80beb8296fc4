import { QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';

import { NoticeProvider } from '@/client/api';
import { NoticeBar } from '@/client/chrome/notice-bar';
import { ListViewProvider, SelectionProvider } from '@/client/people';
import { TodayProvider } from '@/client/ui';
import type { ApiError, CallInput, CallOutput, Endpoint } from '@/contract/endpoint';

import { plainDate } from '@/core/time';

import { testQueryClient } from './query-client';

export { screen, waitFor, within } from '@testing-library/react';

/** The day on which component tests happen: a Monday. */
export const TODAY = plainDate('2026-11-23');

/** What a stand-in of the server answers: a value, a refusal, or something that is no answer. */
type Reply =
  | { json: unknown; status: number }
  | { html: string; status: number }
  | { never: true }
  | { unreachable: true };

export interface Asked {
  method: string;
  path: string;
  body: unknown;
}

/** A refusal, as the server words it. */
export const refusal = (
  message: string,
  more: Partial<ApiError['error']> = {},
): { refused: ApiError['error'] } => ({ refused: { code: 'invalid', message, ...more } });

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

/**
 * A server in small for component tests: what it is told to answer, it answers; reads that nobody
 * answers are on their way for ever; writes are done. What was asked is kept in `asked`.
 */
export function fakeServer() {
  const replies: [Endpoint, Reply | ((body: unknown) => Reply)][] = [];
  const asked: Asked[] = [];
  const replyTo = (call: Asked): Reply => {
    const found = replies.findLast(([endpoint]) => matches(endpoint, call))?.[1];
    if (typeof found === 'function') return found(call.body);
    return found ?? (call.method === 'GET' ? NEVER : { json: DONE, status: 200 });
  };
  globalThis.fetch = (async (url: string, init: RequestInit = {}) => {
    const body = init.body ? (JSON.parse(String(init.body)) as unknown) : undefined;
    const call: Asked = { method: init.method ?? 'GET', path: String(url), body };
    asked.push(call);
    const reply = replyTo(call);
    if ('never' in reply)
      return new Promise((_, fail) =>
        init.signal?.addEventListener('abort', () =>
          fail(Object.assign(new Error('stopped'), { name: 'AbortError' })),
        ),
      );
    if ('unreachable' in reply) throw new TypeError('Failed to fetch');
    return {
      ok: reply.status < 400,
      status: reply.status,
      json: async () => {
        if ('html' in reply) throw new SyntaxError('Unexpected token <');
        return reply.json;
      },
    };
  }) as unknown as typeof fetch;
  const server = {
    asked,
    /** The bodies that were sent to an endpoint, in order. */
    sent: (endpoint: Endpoint) =>
      asked.filter((call) => matches(endpoint, call)).map(({ body }) => body),
    /** Answers with a value, which has to fit the contract. */
    answer<E extends Endpoint>(
      endpoint: E,
      value: CallOutput<E> | ((body: CallInput<E>['body']) => CallOutput<E>),
    ) {
      const reply = (given: unknown): Reply => ({
        json: endpoint.response.parse(given),
        status: 200,
      });
      replies.push([
        endpoint,
        typeof value === 'function'
          ? (body) => reply((value as (body: unknown) => unknown)(body))
          : reply(value),
      ]);
      return server;
    },
    refuse(endpoint: Endpoint, { refused }: { refused: ApiError['error'] }) {
      replies.push([endpoint, { json: { error: refused }, status: 422 }]);
      return server;
    },
    reply(endpoint: Endpoint, reply: Reply) {
      replies.push([endpoint, reply]);
      return server;
    },
  };
  return server;
}

/** Makes the window of the test so wide. */
export const widen = (width = 1280) =>
  (globalThis as unknown as { widen: (width: number) => void }).widen(width);

/** Shows a screen with everything that the root of the application puts around it. */
export function show(element: ReactElement) {
  const client = testQueryClient();
  const around = (inner: ReactElement) => (
    <QueryClientProvider client={client}>
      <NoticeProvider>
        <TodayProvider value={TODAY}>
          <SelectionProvider>
            <ListViewProvider>
              {inner}
              <NoticeBar />
            </ListViewProvider>
          </SelectionProvider>
        </TodayProvider>
      </NoticeProvider>
    </QueryClientProvider>
  );
  const shown = render(around(element));
  return {
    ...shown,
    client,
    user,
    /** Shows something else in its place, as going elsewhere does. */
    replace: (next: ReactElement) => shown.rerender(around(next)),
  };
}

// Nothing waits between two keys, and no style is looked up to see whether something can be pressed.
const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });

/** Presses what has this name, once it is there. */
export async function press(
  name: string | RegExp,
  role: 'button' | 'link' | 'radio' | 'checkbox' | 'option' = 'button',
) {
  await user.click(await screen.findByRole(role, { name }));
}

/** Writes into the field of this label, in place of what is in it, in one go. */
export async function type(label: string | RegExp, text: string) {
  const field = await screen.findByLabelText(label);
  await user.clear(field);
  if (text) await user.paste(text);
}

/** Chooses an option of the list of this label by its words, once it is offered. */
export async function choose(label: string | RegExp, option: string) {
  const list = await screen.findByLabelText(label);
  await user.selectOptions(list, await within(list).findByRole('option', { name: option }));
}
