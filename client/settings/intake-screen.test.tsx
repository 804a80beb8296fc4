import { readIntake, saveIntake } from '@/contract/intake';
import { fakeServer, press, refusal, screen, show, type, waitFor } from '@/testing/screen';

import { IntakeScreen } from './intake-screen';

const FORM = {
  open: false,
  heading: 'Stay in touch',
  words: '',
  thanks: 'Thank you.',
  consentWords: '',
};

const open = async (change = {}) => {
  const server = fakeServer().answer(readIntake, { form: { ...FORM, ...change } });
  show(<IntakeScreen />);
  await screen.findByLabelText('Heading');
  return server;
};

test('closed, it says nowhere where it is; opened and worded, it is kept whole', async () => {
  const server = await open();
  expect(screen.queryByText('Where it is')).toBeNull();
  await press('The form is open', 'checkbox');
  await type('Heading', 'Write to me');
  await press('Keep');
  await waitFor(() =>
    expect(server.sent(saveIntake)).toEqual([{ ...FORM, open: true, heading: 'Write to me' }]),
  );
});

test('open, it says where it is and how to put it on a page', async () => {
  await open({ open: true });
  expect(screen.getByText('Where it is')).toBeTruthy();
  expect(screen.getByLabelText('For your page').textContent).toContain('<iframe');
});

test('what is too long is told at its field, and nothing is lost', async () => {
  const server = await open();
  const long = 'word '.repeat(70).trim();
  await type('Said after sending', long);
  await press('Keep');
  await screen.findByText('At most 300 characters.');
  expect(screen.getByDisplayValue(new RegExp(long))).toBeTruthy();
  expect(server.sent(saveIntake)).toEqual([]);
});

test('a refusal of the whole is told at the foot', async () => {
  const server = await open();
  server.reply(saveIntake, refusal('The disk is full, so nothing was saved.'));
  await type('Heading', 'Write to me');
  await press('Keep');
  await screen.findByText('The disk is full, so nothing was saved.');
});
