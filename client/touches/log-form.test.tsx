import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react-native';

import { NoticeProvider } from '@/client/api';
import { plainDate } from '@/core/time';
import { testQueryClient } from '@/testing/query-client';

import { LogForm } from './log-form';

const today = plainDate('2026-11-23');
// Mutations are let go at once, so that no timer outlives the test.
const client = testQueryClient();
const sent: unknown[] = [];

beforeEach(() => {
  sent.length = 0;
  global.fetch = jest.fn(async (_url, init) => {
    sent.push(JSON.parse(String(init?.body)));
    return { ok: true, json: async () => ({ actionId: 'a', sentence: 'Done' }) };
  }) as never;
});

const show = (onDone = jest.fn()) => {
  render(
    <QueryClientProvider client={client}>
      <NoticeProvider>
        <LogForm personId="p" kind="call" itemKey="keep:p:1" today={today} onDone={onDone} />
      </NoticeProvider>
    </QueryClientProvider>,
  );
  return onDone;
};

test('one tap logs the outcome with the planned item', async () => {
  const onDone = show();
  fireEvent.press(screen.getByText('Left word'));
  await waitFor(() => expect(onDone).toHaveBeenCalled());
  expect(sent).toEqual([
    { personId: 'p', kind: 'call', outcome: 'left_word', itemKey: 'keep:p:1' },
  ]);
});

test('only outcomes that go with the kind are offered', () => {
  show();
  expect(screen.queryByText('Sent')).toBeNull();
  expect(screen.getByText('No answer')).toBeTruthy();
});
