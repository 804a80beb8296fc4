import { addFeed, listFeeds, readCalendar, takeDates } from '@/contract/calendars';
import { readLists } from '@/contract/lists';
import { listViews } from '@/contract/views';
import * as sample from '@/testing/samples';
import { choose, fakeServer, press, screen, show, type, waitFor } from '@/testing/screen';

import { CalendarsScreen } from './calendars-screen';

const DONE = { actionId: sample.id(99), sentence: 'Done so', topics: [] };
const server = () =>
  fakeServer()
    .answer(readLists, sample.lists())
    .answer(listViews, { views: [] })
    .answer(listFeeds, { feeds: [] });

test('an address is made, and shown this once', async () => {
  const asked = server().answer(addFeed, { ...DONE, id: sample.id(1), path: '/calendar/abc.ics' });
  show(<CalendarsScreen />);
  await type('What you call it', 'Circle of mine');
  await press('planned touches', 'checkbox');
  await choose('With', 'at nine the day before');
  await press('Make an address');
  expect(((await screen.findByLabelText('Its address')) as HTMLInputElement).value).toMatch(
    /\/calendar\/abc\.ics$/,
  );
  expect(asked.sent(addFeed)[0]).toMatchObject({
    name: 'Circle of mine',
    shows: ['dates', 'touches'],
    alarmMinutes: 900,
  });
});

test('dates of a file are taken as they are confirmed; who is not known is named', async () => {
  const one = (at: number, state: 'new' | 'ask' | 'nobody', names: string[]) => ({
    at,
    summary: `Day ${at}`,
    on: '1979-06-12',
    name: 'birthday',
    state,
    people: names.map((name, i) => ({ personId: sample.id(10 * at + i), name })),
    before: null,
  });
  const asked = server()
    .answer(readCalendar, {
      dates: [one(1, 'new', ['Ana']), one(2, 'ask', ['Bo A', 'Bo B']), one(3, 'nobody', [])],
      otherEvents: 4,
      faults: [],
    })
    .answer(takeDates, { ...DONE, dates: 2 });
  const { user, container } = show(<CalendarsScreen />);
  const input = await waitFor(
    () => container.ownerDocument.querySelector('input[type=file]') as HTMLInputElement,
  );
  await user.upload(input, new File(['BEGIN:VCALENDAR'], 'theirs.ics', { type: 'text/calendar' }));
  await screen.findByText('3 dates found. 4 other events left out.');
  screen.getByText('Of nobody here: Day 3');
  await choose('Birthday, June 12, 1979: whose?', 'Bo B');
  await press('Take 2 dates in');
  expect(asked.sent(takeDates)[0]).toEqual({
    dates: [
      { personId: sample.id(10), name: 'birthday', on: '1979-06-12' },
      { personId: sample.id(21), name: 'birthday', on: '1979-06-12' },
    ],
  });
});
