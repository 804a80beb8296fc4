import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react-native';
import { Linking } from 'react-native';

import { NoticeProvider } from '@/client/api';
import type { DeskItem } from '@/contract/touches';
import { plainDate } from '@/core/time';
import { testQueryClient } from '@/testing/query-client';

import { DeskCard } from './desk-card';

const today = plainDate('2026-11-23');
const client = testQueryClient();
const sent: [string, unknown][] = [];

beforeEach(() => {
  sent.length = 0;
  global.fetch = jest.fn(async (url, init) => {
    sent.push([String(url), JSON.parse(String(init?.body))]);
    return { ok: true, json: async () => ({ actionId: 'a', sentence: 'Done' }) };
  }) as never;
  jest.spyOn(Linking, 'openURL').mockResolvedValue(true);
});

const item: DeskItem = {
  key: 'beat:1',
  personId: 'p',
  name: 'Teodora Vance',
  kind: 'call',
  source: 'beat',
  reason: 'Quarterly: call.',
  standing: { promiseDays: 60, due: today, slack: 4, warmth: 'soon' },
  words: 'How was the winter?',
  lastNote: { on: plainDate('2026-09-22'), body: 'Kitchen half done' },
  refused: null,
  lacks: null,
  instead: ['text', 'social'],
  phone: '(541) 555-0142',
  email: '',
};

const show = (change: Partial<DeskItem> = {}) =>
  render(
    <QueryClientProvider client={client}>
      <NoticeProvider>
        <DeskCard item={{ ...item, ...change }} today={today} />
      </NoticeProvider>
    </QueryClientProvider>,
  );

test('says who, why, what to say and what was last written', () => {
  show();
  for (const text of ['Teodora Vance', 'Quarterly: call.', 'How was the winter?', '4 days left'])
    expect(screen.getByText(text)).toBeTruthy();
  expect(screen.getByText('Sep 22: Kitchen half done')).toBeTruthy();
});

test('the main action dials, and asks how it went', () => {
  show();
  fireEvent.press(screen.getByText('Call'));
  expect(Linking.openURL).toHaveBeenCalledWith('tel:(541)555-0142');
  expect(screen.getByText('How did it go?')).toBeTruthy();
});

test('without a number there is nothing to dial, but it can be logged', () => {
  show({ phone: '' });
  expect(screen.queryByText('Call')).toBeNull();
  expect(screen.getByText('Log')).toBeTruthy();
});

test('what they said no to is not offered, and says why', () => {
  show({ refused: 'They said no to calls (May 4).' });
  expect(screen.queryByText('Call')).toBeNull();
  expect(screen.getByText('They said no to calls (May 4).')).toBeTruthy();
});

test('later asks one thing, and sends the day', async () => {
  show();
  fireEvent.press(screen.getByText('Later'));
  fireEvent.press(screen.getByText('Monday in a week'));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toEqual(['/api/desk/put-off', { itemKey: 'beat:1', until: '2026-11-30' }]);
});

test('handed back, it asks for no day', async () => {
  show();
  fireEvent.press(screen.getByText('Later'));
  fireEvent.press(screen.getByText('When there is room'));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toEqual(['/api/desk/put-off', { itemKey: 'beat:1', until: null }]);
});

test('a beat may be let go, a promise not', () => {
  show();
  fireEvent.press(screen.getByText('Later'));
  expect(screen.getByText('Let it go')).toBeTruthy();
  screen.unmount();
  show({ source: 'keep' });
  fireEvent.press(screen.getByText('Later'));
  expect(screen.queryByText('Let it go')).toBeNull();
});

test('without a phone it offers another way, and swaps to it', async () => {
  show({ lacks: 'No phone for Teodora Vance.', phone: '' });
  expect(screen.getByText('No phone for Teodora Vance.')).toBeTruthy();
  expect(screen.queryByText('Call')).toBeNull();
  fireEvent.press(screen.getByText('Text instead'));
  await waitFor(() =>
    expect(sent).toContainEqual([
      expect.stringContaining('/desk/swap'),
      { itemKey: 'beat:1', kind: 'text' },
    ]),
  );
});
