import { Linking } from 'react-native';

import { listOutbox, writeMessage } from '@/contract/messages';
import { putOff, swapItem, type DeskItem } from '@/contract/touches';
import * as sample from '@/testing/samples';
import { fakeServer, screen, show as showIn, TODAY, waitFor } from '@/testing/screen';

import { DeskCard } from './desk-card';

let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  server = fakeServer().answer(listOutbox, sample.out({ carriers: { email: false, text: false } }));
  jest.spyOn(Linking, 'openURL').mockResolvedValue(true);
});

const show = (change: Partial<DeskItem> = {}) =>
  showIn(<DeskCard item={sample.deskItem(change)} today={TODAY} inHand={null} />);

test('says who, why, what to say and what was last written', () => {
  show();
  for (const text of ['Teodora Vance', 'Quarterly: call.', 'How was the winter?', '4 days left'])
    expect(screen.getByText(text)).toBeTruthy();
  expect(screen.getByText('Sep 22: Kitchen half done')).toBeTruthy();
});

test('the main action dials, and asks how it went', async () => {
  const { user } = show();
  await user.click(screen.getByText('Call'));
  expect(Linking.openURL).toHaveBeenCalledWith('tel:5415550142');
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

test('a text opens with its words, which can be changed first', async () => {
  const { user } = show({ kind: 'text', words: 'Thinking of you, Teodora.' });
  await user.click(screen.getByText('Change the words'));
  await user.type(screen.getByLabelText('Words'), ' Tea?');
  await user.click(screen.getByRole('button', { name: 'Text Teodora Vance' }));
  expect(Linking.openURL).toHaveBeenCalledWith(
    'sms:5415550142?body=Thinking%20of%20you%2C%20Teodora.%20Tea%3F',
  );
});

test('words with a field that is not known never go out with their braces', async () => {
  const { user } = show({ kind: 'text', words: 'Thinking of you in {{ place }}.' });
  expect(screen.getByText(/^A field of the words is not known/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Text Teodora Vance' }));
  expect(Linking.openURL).toHaveBeenCalledWith('sms:5415550142');
});

test('an e-mail opens with a subject and its words', async () => {
  const { user } = show({
    kind: 'email',
    words: 'Half a year in. Is it right?',
    email: 't@example.com',
  });
  await user.click(screen.getByRole('button', { name: 'E-mail Teodora Vance' }));
  expect(Linking.openURL).toHaveBeenCalledWith(
    'mailto:t@example.com?subject=Half%20a%20year%20in&body=Half%20a%20year%20in.%20Is%20it%20right%3F',
  );
});

test('any day can be chosen for later, as people write it', async () => {
  const { user } = show();
  await user.click(screen.getByText('Later'));
  expect(screen.getByRole('button', { name: 'Then' }).getAttribute('aria-disabled')).toBe('true');
  await user.type(screen.getByLabelText('Or on'), 'Dec 9');
  await user.click(screen.getByRole('button', { name: 'Then' }));
  await waitFor(() =>
    expect(server.sent(putOff)).toEqual([{ itemKey: 'beat:1', until: '2026-12-09' }]),
  );
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

test('the two likeliest other ways are shown, the rest on request', async () => {
  const { user } = show({ instead: ['text', 'email', 'visit', 'gift'] });
  await user.click(screen.getByText('Later'));
  expect(screen.getAllByText(/ instead$/)).toHaveLength(2);
  await user.click(screen.getByRole('button', { name: 'More ways to reach Teodora Vance' }));
  expect(screen.getAllByText(/ instead$/)).toHaveLength(4);
  await user.click(screen.getByRole('button', { name: 'Fewer ways to reach Teodora Vance' }));
  expect(screen.getAllByText(/ instead$/)).toHaveLength(2);
});

test('where Pen Pal can send it itself, it does, and the own program comes second', async () => {
  server.answer(listOutbox, sample.out()).answer(writeMessage, {
    sentence: 'The text to Teodora Vance was sent',
    topics: [],
    actionId: '0190a000-0000-7000-8000-000000000063' as never,
    id: sample.id(70),
  });
  const { user } = show({ kind: 'text', words: 'Thinking of you, Teodora.' });
  await user.click(await screen.findByRole('button', { name: 'Send the text to Teodora Vance' }));
  await waitFor(() =>
    expect(server.sent(writeMessage)).toMatchObject([
      { kind: 'text', words: 'Thinking of you, Teodora.', itemKey: 'beat:1' },
    ]),
  );
  expect(await screen.findByText(/^The text to Teodora Vance was sent/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Text Teodora Vance in my own program' }));
  expect(Linking.openURL).toHaveBeenCalled();
});
