import {
  addArrival,
  dropArrival,
  joinArrival,
  listArrivals,
  readIntake,
  saveIntake,
} from '@/contract/intake';
import * as sample from '@/testing/samples';
import { fakeServer, press, refusal, screen, show, TODAY, type, waitFor } from '@/testing/screen';

import { IntakeScreen } from './intake-screen';

const FORM = {
  open: false,
  heading: 'Stay in touch',
  words: '',
  thanks: 'Thank you.',
  consentWords: '',
};

const open = async (change = {}) => {
  const server = fakeServer()
    .answer(readIntake, { form: { ...FORM, ...change } })
    .answer(listArrivals, { total: 0, arrivals: [] });
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

describe('what came by it', () => {
  const ARRIVAL = {
    id: sample.id(7),
    on: TODAY,
    name: 'Gideon Marsh',
    email: 'new@example.net',
    phone: '+12015550123',
    message: 'A loan for a boat?',
    consent: true,
    known: [
      {
        personId: sample.id(8),
        name: 'Gideon Marsh',
        verdict: 'ask' as const,
        evidence: ['similar name', 'same phone'],
        emails: ['gideon@example.org'],
        phones: ['+12015550123'],
        consent: null,
      },
    ],
  };
  const DONE = { actionId: sample.id(9), sentence: 'Added to Gideon Marsh', topics: [] };
  const arrived = async (change = {}) => {
    const server = fakeServer()
      .answer(readIntake, { form: FORM })
      .answer(listArrivals, { total: 1, arrivals: [{ ...ARRIVAL, ...change }] })
      .answer(joinArrival, { ...DONE, id: sample.id(8) })
      .answer(addArrival, { ...DONE, id: sample.id(10) })
      .answer(dropArrival, DONE);
    show(<IntakeScreen />);
    await screen.findByText('Came by the form');
    return server;
  };

  test('stands side by side with whom it may be; only what is chosen is taken over', async () => {
    const server = await arrived();
    await screen.findByText('Perhaps Gideon Marsh: similar name, same phone.');
    await screen.findByText(/^Here: gideon@example.org, /);
    await press('new@example.net', 'checkbox');
    await press('Add to Gideon Marsh');
    await waitFor(() =>
      expect(server.sent(joinArrival)).toEqual([
        { personId: sample.id(8), take: ['email', 'message'] },
      ]),
    );
  });

  test('a no that stands is said and not offered to be changed', async () => {
    await arrived({ known: [{ ...ARRIVAL.known[0]!, consent: 'no' }] });
    await screen.findByText(/They said no to e-mail/);
    expect(screen.queryByRole('checkbox', { name: 'their yes to e-mail' })).toBeNull();
  });

  test('it is added as somebody new, or dropped', async () => {
    const server = await arrived({ known: [] });
    await press('Add Gideon Marsh as somebody new');
    await waitFor(() => expect(server.sent(addArrival)).toHaveLength(1));
    await press('Drop what Gideon Marsh sent');
    await waitFor(() => expect(server.sent(dropArrival)).toHaveLength(1));
  });
});
