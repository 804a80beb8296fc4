import { Linking } from 'react-native';

import { putOff, swapItem, type DeskItem } from '@/contract/touches';
import * as sample from '@/testing/samples';
import { fakeServer, screen, show as showIn, TODAY, waitFor } from '@/testing/screen';

import { DeskCard } from './desk-card';

let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  server = fakeServer();
  jest.spyOn(Linking, 'openURL').mockResolvedValue(true);
});

const show = (change: Partial<DeskItem> = {}) =>
  showIn(<DeskCard item={sample.deskItem(change)} today={TODAY} />);

test('says who, why, what to say and what was last written', () => {
  show();
  for (const text of ['Teodora Vance', 'Quarterly: call.', 'How was the winter?', '4 days left'])
    expect(screen.getByText(text)).toBeTruthy();
  expect(screen.getByText('Sep 22: Kitchen half done')).toBeTruthy();
});

test('the main action dials, and asks how it went', async () => {
  const { user } = show();
  await user.click(screen.getByText('Call'));
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
  const { user } = show();
  await user.click(screen.getByText('Later'));
  await user.click(screen.getByText('Monday in a week'));
  await waitFor(() =>
    expect(server.sent(putOff)).toEqual([{ itemKey: 'beat:1', until: '2026-11-30' }]),
  );
});

test('handed back, it asks for no day', async () => {
  const { user } = show();
  await user.click(screen.getByText('Later'));
  await user.click(screen.getByText('When there is room'));
  await waitFor(() => expect(server.sent(putOff)).toEqual([{ itemKey: 'beat:1', until: null }]));
});

test.each([
  ['beat', 'may be let go', 1],
  ['keep', 'may not', 0],
])('a touch that comes from a %s %s', async (source, _, buttons) => {
  const { user } = show({ source });
  await user.click(screen.getByText('Later'));
  expect(screen.queryAllByText('Let it go')).toHaveLength(buttons);
});

test('without a phone it offers another way, and swaps to it', async () => {
  const { user } = show({ lacks: 'No phone for Teodora Vance.', phone: '' });
  expect(screen.getByText('No phone for Teodora Vance.')).toBeTruthy();
  expect(screen.queryByText('Call')).toBeNull();
  await user.click(screen.getByText('Text instead'));
  await waitFor(() => expect(server.sent(swapItem)).toEqual([{ itemKey: 'beat:1', kind: 'text' }]));
});
