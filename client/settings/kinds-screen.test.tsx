import { getSettings, saveSettings } from '@/contract/settings';
import * as sample from '@/testing/samples';
import { fakeServer, press, refusal, screen, show, type, waitFor } from '@/testing/screen';

import { KindsScreen } from './kinds-screen';

const open = async (writing = {}) => {
  const server = fakeServer().answer(getSettings, sample.settings(writing));
  show(<KindsScreen />);
  await screen.findByLabelText('A call takes');
  return server;
};

const sentOf = (server: Awaited<ReturnType<typeof open>>) =>
  server.sent(saveSettings) as { kinds: Record<string, object> }[];

test('minutes, cost, limit and shares of a kind are saved together', async () => {
  const server = await open();
  await type('A card takes', '12');
  await type('A card costs', '1.25');
  await type('Most a day, card', '3');
  expect(screen.getByText('Not saved yet.')).toBeTruthy();
  await press('Save card');
  await waitFor(() => expect(sentOf(server)).toHaveLength(1));
  expect(sentOf(server)[0]!.kinds.card).toMatchObject({ minutes: 12, costMinor: 125, perDay: 3 });
});

test('a share is written in percent and kept as a share', async () => {
  const server = await open();
  await type('Left word keeps (call)', '40');
  await press('Save call');
  await waitFor(() => expect(sentOf(server)).toHaveLength(1));
  expect(sentOf(server)[0]!.kinds.call).toMatchObject({ holds: { left_word: 0.4 } });
});

test('an empty limit is none; nothing is saved until something is different', async () => {
  const server = await open({ kinds: { call: { perDay: 2 } } });
  expect(screen.getByRole('button', { name: 'Save call' }).getAttribute('aria-disabled')).toBe(
    'true',
  );
  await type('Most a day, call', '');
  await press('Save call');
  await waitFor(() => expect(sentOf(server)[0]!.kinds.call).toMatchObject({ perDay: null }));
});

test.each([
  ['A card costs', 'a lot', 'Write an amount, such as 1250.'],
  ['A card takes', '9000', 'Not more than 600.'],
  ['A card takes', '2.5', 'Write a whole number.'],
  ['Most a day, card', 'some', 'Write a number.'],
])('%s “%s” is refused at its field', async (label, text, sentence) => {
  const server = await open();
  await type(label, text);
  await press('Save card');
  await screen.findByText(sentence);
  expect(screen.getByLabelText(label).getAttribute('aria-invalid')).toBe('true');
  expect(sentOf(server)).toEqual([]);
});

test('what the server refuses is told in the card, and stays as it was typed', async () => {
  const server = await open();
  server.reply(saveSettings, refusal('The disk is full, so nothing was saved.'));
  await type('A card takes', '12');
  await press('Save card');
  await screen.findByText('The disk is full, so nothing was saved.');
  expect(screen.getByLabelText('A card takes')).toHaveProperty('value', '12');
});

test('costs are in the owner’s currency', async () => {
  await open({ locale: 'de-DE', currency: 'EUR' });
  expect(screen.getAllByText('€').length).toBeGreaterThan(0);
});
