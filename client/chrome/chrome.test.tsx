import { act, fireEvent } from '@testing-library/react';
import { lazy } from 'react';
import { View } from 'react-native';

import { Body, Opening } from '@/client/ui';
import { cancelWork, getWork } from '@/contract/history';
import { getSettings, moveClock } from '@/contract/settings';
import { plainDate } from '@/core/time';
import { gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import { fakeServer, press, screen, show, waitFor, widen, within } from '@/testing/screen';

import { Chrome } from './chrome';
import { openOf, placesOf } from './places';

const open = (demo = false) => {
  const server = fakeServer()
    .answer(getSettings, { ...sample.settings(), demo })
    .answer(getWork, { work: null });
  show(
    <Chrome>
      <View />
    </Chrome>,
  );
  return server;
};

test('the places are links, and the one that is open says so', () => {
  open();
  const desk = screen.getByRole('link', { name: 'Desk' });
  expect([desk.getAttribute('href'), desk.getAttribute('aria-current')]).toEqual(['/', 'page']);
  expect(screen.getByRole('link', { name: 'People' }).getAttribute('aria-current')).toBeNull();
});

const placesNow = () =>
  within(screen.getByRole('navigation', { name: 'Places' }))
    .getAllByRole('link')
    .map((link) => [link.textContent, link.getAttribute('href')].join(' '));

test('a phone has five places, a wide window names every part', () => {
  open();
  expect(placesNow()).toEqual([
    'Desk /',
    'People /people',
    'Plans /cadences',
    'Out /out',
    'More /more',
  ]);
  act(() => widen());
  expect(placesNow().join()).toBe(
    'Desk /,People /people,Cadences /cadences,Ahead /ahead,Almanac /almanac,Pattern book /cadences/patterns,Out /out,More /more',
  );
});

test.each([
  ['/', 'Desk', null],
  ['/people/1', 'People', null],
  ['/people/import', 'More', 'Imports'],
  ['/cadences/1', 'Plans', 'Cadences'],
  ['/cadences/patterns', 'Plans', 'Pattern book'],
  ['/ahead', 'Plans', 'Ahead'],
  ['/enrol', 'Plans', 'Cadences'],
  ['/tidy/phone', 'More', 'Tidy up'],
  ['/out', 'Out', 'Going'],
  ['/out/back', 'Out', 'Came back'],
])('%s belongs to %s, %s', (path, place, part) => {
  const open = openOf(placesOf(false), path)!;
  expect(open.label).toBe(place);
  expect(openOf(open.parts, path)?.label ?? null).toBe(part);
});

test('keys lead about, but not while somebody is typing', () => {
  open();
  fireEvent.keyDown(document.body, { key: '/' });
  fireEvent.keyDown(document.body, { key: 'n' });
  fireEvent.keyDown(document.body, { key: 'n', ctrlKey: true });
  const field = document.body.appendChild(document.createElement('input'));
  fireEvent.keyDown(field, { key: 'n' });
  field.remove();
  expect(gone).toEqual(['/people?find=1', '/people/add']);
});

test('a screen that can’t be loaded says so in the frame, and the next one opens', async () => {
  fakeServer().answer(getSettings, sample.settings()).answer(getWork, { work: null });
  const Lost = lazy(() => Promise.reject(new Error('gone')));
  jest.spyOn(console, 'error').mockImplementation(() => {});
  const { rerender } = show(
    <Opening at="/ahead">
      <Lost />
    </Opening>,
  );
  await screen.findByText(/^This screen could not be opened\./);
  expect(screen.getByRole('button', { name: 'Load the page again' })).toBeTruthy();
  rerender(
    <Opening at="/people">
      <Body>People</Body>
    </Opening>,
  );
  await screen.findByText('People');
});

test('the keys are listed on asking', async () => {
  open();
  fireEvent.keyDown(document.body, { key: '?' });
  expect(screen.getByText('Search people')).toBeTruthy();
  await press('Close');
  expect(screen.queryByText('Search people')).toBeNull();
});

test('what works for long says how far it is in every window, and is called off', async () => {
  const server = open();
  await waitFor(() => expect(server.asked.map(({ path }) => path)).toContain('/api/work'));
  await act(() => new Promise((done) => setTimeout(done, 50)));
  server
    .answer(getWork, { work: { what: 'Importing fair.csv', done: 7_400, of: 20_000 } })
    .answer(cancelWork, { cancelled: true });
  fireEvent(window, new Event('visibilitychange'));
  await screen.findByText('Importing fair.csv: 7,400 of 20,000');
  await press('Call it off');
  await waitFor(() => expect(server.sent(cancelWork)).toHaveLength(1));
});

test('in the demo the day can be moved, elsewhere not', async () => {
  const server = open(true).answer(moveClock, { today: plainDate('2026-11-24') });
  await screen.findByText('Demo: Mon, November 23');
  const before = server.asked.length;
  await press('A week on');
  await waitFor(() => expect(server.sent(moveClock)).toEqual(Array(7).fill({ days: 1 })));
  // Everything is another day: all that is shown is read again.
  await waitFor(() => expect(server.asked.length).toBeGreaterThan(before + 1));
});

test('a clock that looks wrong is told on every screen', async () => {
  const server = open();
  server.answer(getSettings, {
    ...sample.settings(),
    clock: 'The clock of this machine went back.',
  });
  show(
    <Chrome>
      <View />
    </Chrome>,
  );
  await screen.findByText('The clock of this machine went back.');
});
