import { listPeople } from '@/contract/people';
import {
  createService,
  deleteService,
  renewSecret,
  listServices,
  retryCall,
  saveService,
  tryService,
} from '@/contract/services';
import type { CallOutput } from '@/contract/endpoint';
import { plainDate } from '@/core/time';
import * as sample from '@/testing/samples';
import { fakeServer, press, refusal, screen, show, type, waitFor, within } from '@/testing/screen';

import { ServicesScreen } from './services-screen';

const LETTERS = {
  id: sample.id(1),
  name: 'Letters',
  url: 'https://letters.example.com/hook',
  inside: false,
  beats: 2,
};

const CALL = {
  id: 'call 1',
  service: 'Letters',
  personId: sample.id(7),
  name: 'Ana Vance',
  on: plainDate('2026-11-20'),
  state: 'failed' as const,
  attempts: 5,
  nextAt: null,
  outcome: 'It did not answer.',
};

const open = async (change: Partial<CallOutput<typeof listServices>> = {}) => {
  const today = plainDate('2026-11-23');
  const server = fakeServer().answer(listServices, {
    today,
    services: [LETTERS],
    calls: [],
    ...change,
  });
  show(<ServicesScreen />);
  await screen.findByLabelText('Its name');
  return server;
};

test('without any, one can be added; with no address it is told at its field', async () => {
  const server = await open({ services: [] });
  await type('Its name', 'Letters');
  await press('Add it');
  await screen.findByText('Give a web address that begins with https:// or http://.');
  expect(server.sent(createService)).toEqual([]);
  await type('Its web address', 'https://letters.example.com/hook');
  await press('Add it');
  await waitFor(() =>
    expect(server.sent(createService)).toEqual([
      { name: 'Letters', url: 'https://letters.example.com/hook', inside: false },
    ]),
  );
  await waitFor(() => expect(screen.getByLabelText('Its name')).toHaveProperty('value', ''));
});

test('one is unfolded, changed, and taken away; a refusal is told there', async () => {
  const server = await open();
  expect(screen.getByText('in 2 beats')).toBeTruthy();
  await press('Change or try Letters');
  await type('Name', 'Post');
  await press('Save Letters');
  await waitFor(() =>
    expect(server.sent(saveService)).toEqual([{ name: 'Post', url: LETTERS.url, inside: false }]),
  );
  server.reply(deleteService, refusal('Two beats tell it of people.', { code: 'conflict' }));
  await press('Remove Letters');
  await screen.findByText('Two beats tell it of people.');
});

test('it is tried on somebody found by name, and says what came of it', async () => {
  const server = await open();
  server
    .answer(listPeople, { total: 1, near: false, rows: [sample.row(7, 'Ana Vance')] })
    .answer(tryService, { delivered: false, outcome: 'It answered 404.', sent: '{"name":"Ana"}' });
  await press('Change or try Letters');
  await press('Try Letters on somebody');
  await type('Person to try it on', 'ana');
  await press('Ana Vance, Harbor', 'option');
  await screen.findByText('It answered 404.');
  expect(server.sent(tryService)).toEqual([{ personId: sample.id(7) }]);
});

test('the latest calls are there with what came of them; what was given up is sent again', async () => {
  const server = await open({
    calls: [
      CALL,
      { ...CALL, id: 'call 2', name: 'Bo Birch', state: 'delivered', outcome: 'Taken.' },
    ],
  });
  const calls = await screen.findByRole('list', { name: 'The latest calls' });
  expect(within(calls).getAllByRole('listitem')).toHaveLength(2);
  await press('Send Ana Vance to Letters again');
  await waitFor(() => expect(server.sent(retryCall)).toEqual([{ id: 'call 1' }]));
});

test('a new secret is shown this once', async () => {
  const server = await open();
  server.answer(renewSecret, {
    actionId: sample.id(3),
    sentence: 'Made a new secret',
    topics: [],
    secret: 'whsec_made_up',
  });
  await press('Change or try Letters');
  await press('Make a new secret for Letters');
  await screen.findByDisplayValue('whsec_made_up');
});
