import { QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';

import { NoticeProvider } from '@/client/api';
import { NoticeBar } from '@/client/chrome/notice-bar';
import { ListViewProvider, SelectionProvider } from '@/client/people';
import { TodayProvider } from '@/client/ui';
import type { CallOutput, Endpoint } from '@/contract/endpoint';

import { plainDate } from '@/core/time';

import { NEVER, UNREACHABLE, type FakeServer } from './fake-server';
import { testQueryClient } from './query-client';

export { screen, waitFor, within } from '@testing-library/react';
export * from './fake-server';
export { widen } from './window';

/** The day on which component tests happen: a Monday. */
export const TODAY = plainDate('2026-11-23');

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

/**
 * A screen that reads an endpoint: it says that the answer is on its way, and why it can't be had;
 * tried again, it shows what then comes.
 */
export async function expectWaiting<E extends Endpoint>(
  element: ReactElement,
  server: FakeServer,
  endpoint: E,
  then: { answer: CallOutput<E>; shows: string | RegExp },
) {
  server.reply(endpoint, NEVER);
  const { unmount } = show(element);
  expect(screen.getByText('One moment')).toBeTruthy();
  unmount();
  server.reply(endpoint, UNREACHABLE);
  show(element);
  await screen.findByText(/can’t be reached/);
  server.answer(endpoint, then.answer);
  await press('Try again');
  await screen.findByText(then.shows);
}
