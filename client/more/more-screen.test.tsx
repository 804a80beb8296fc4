import { listCountries, listHolidays } from '@/contract/almanac';
import { listActions, undoAction } from '@/contract/history';
import { getAhead, readTrial, startTrial } from '@/contract/planner';
import { getSettings, saveSettings } from '@/contract/settings';
import { plainDate } from '@/core/time';
import * as sample from '@/testing/samples';
import {
  choose,
  fakeServer,
  press,
  refusal,
  screen,
  show,
  type,
  UNREACHABLE,
  waitFor,
  widen,
} from '@/testing/screen';

import { MoreScreen } from './more-screen';

const open = async (
  change = {},
  prepare: (server: ReturnType<typeof fakeServer>) => void = () => {},
) => {
  const server = fakeServer()
    .answer(getSettings, sample.settings(change))
    .answer(listActions, { actions: [] })
    .answer(listCountries, { countries: [{ code: 'US', name: 'United States' }], regions: [] })
    .answer(listHolidays, { holidays: [] });
  prepare(server);
  show(<MoreScreen />);
  await screen.findByLabelText('Your name');
  return server;
};

test('with room, what a change would do to the weeks ahead stands beside it', async () => {
  widen();
  const now = sample.outlook({ promises: 240, slipCount: 3, capacity: 8 });
  const server = await open({}, (given) =>
    given
      .answer(getAhead, { ...now, today: plainDate('2026-11-23') })
      .answer(startTrial, { id: sample.id(9) })
      .answer(readTrial, { state: 'done', outlook: { ...now, capacity: 10, slipCount: 0 } }),
  );
  await screen.findByText(
    'With 8 touches a working day, 3 of 240 promises would run out in 13 weeks.',
  );
  await type('Room on a working day for', '10');
  await screen.findByText(/^If you save this: None of 240 promises would run out, instead of 3\./);
  expect(server.sent(startTrial).at(-1)).toEqual({ trial: { capacity: 10 }, weeks: 13 });
});

test('the days are saved whole', async () => {
  const server = await open();
  await type('Room on a working day for', '10');
  await type('and at most', '90');
  await press('Fri', 'checkbox');
  await press('Save my days');
  await waitFor(() => expect(server.sent(saveSettings)).toHaveLength(1));
  expect(server.sent(saveSettings)[0]).toMatchObject({
    ownerName: 'Marisol Quane',
    capacity: 10,
    minutesPerDay: 90,
    workingDays: [1, 2, 3, 4],
    daysOff: [],
  });
});

test('a stretch of days off is put in as people write days', async () => {
  const server = await open({ daysOff: [plainDate('2026-12-24')] });
  await type('Time off from', 'Dec 30');
  await type('until', 'in 40 days');
  // What is filled in counts, though it was not put in.
  await press('Save my days');
  await waitFor(() => expect(server.sent(saveSettings)).toHaveLength(1));
  const { daysOff } = server.sent(saveSettings)[0] as { daysOff: string[] };
  expect(daysOff.slice(0, 3)).toEqual(['2026-12-24', '2026-12-30', '2026-12-31']);
  expect(daysOff.at(-1)).toBe('2027-01-02');
});

test('days off are told as stretches, and one is taken away whole', async () => {
  const off = ['2026-12-24', '2026-12-25', '2026-12-26', '2027-03-01'].map(plainDate);
  const server = await open({ daysOff: off });
  expect(screen.getByText('December 24 to December 26, 3 days')).toBeTruthy();
  await press('Take away December 24 to December 26, 3 days');
  await type('Time off from', '2027-03-02');
  await press('Put in');
  expect(screen.getByText('March 1, 2027 to March 2, 2027, 2 days')).toBeTruthy();
  await type('Time off from', 'some day');
  await press('Save my days');
  await screen.findByText('No day could be read. Try Nov 30 or 2026-11-30.');
  expect(server.sent(saveSettings)).toEqual([]);
  await type('Time off from', '');
  await press('Save my days');
  await waitFor(() =>
    expect(server.sent(saveSettings)).toMatchObject([{ daysOff: ['2027-03-01', '2027-03-02'] }]),
  );
});

test('two fields at fault are both told at their places', async () => {
  const server = await open();
  await type('Room on a working day for', 'many');
  await type('Currency', 'shells');
  await press('Save my days');
  await screen.findByText('Write a number.');
  expect(screen.getByText('This is not a currency. Try one like USD.')).toBeTruthy();
  expect(server.sent(saveSettings)).toEqual([]);
  server.reply(
    saveSettings,
    refusal('There is no time zone “Mars”.', {
      field: 'timeZone',
      fields: [
        { field: 'timeZone', message: 'There is no time zone “Mars”.' },
        { field: 'daysOff.0', message: 'There is no such day in the calendar.' },
      ],
    }),
  );
  await type('Room on a working day for', '9');
  await type('Currency', 'USD');
  await type('Time zone', 'Mars');
  await press('Save my days');
  await screen.findByText('There is no time zone “Mars”.');
  expect(screen.getByText('There is no such day in the calendar.')).toBeTruthy();
});

test('public holidays are chosen by country, and one that is worked is taken off', async () => {
  const holidays = [{ on: plainDate('2026-11-26'), name: 'Thanksgiving', worked: false }];
  const server = await open({ country: 'US' }, (prepared) =>
    prepared.answer(listHolidays, { holidays }),
  );
  await screen.findByRole('checkbox', { name: 'Thanksgiving' });
  await press('Thanksgiving', 'checkbox');
  await waitFor(() =>
    expect(server.sent(saveSettings)).toEqual([{ holidaysWorked: ['Thanksgiving'] }]),
  );
});

test('no country, no holidays; choosing one saves it', async () => {
  const server = await open();
  expect(screen.getByText(/Choose a country/)).toBeTruthy();
  await choose('Holidays of', 'United States');
  await waitFor(() => expect(server.sent(saveSettings)).toEqual([{ country: 'US' }]));
});

test('what was done lately is undone from here', async () => {
  const actions = [
    { id: sample.id(1), at: '2026-11-23T10:00:00Z', sentence: 'Noted for Ana', undone: false },
    { id: sample.id(2), at: '2026-11-23T09:00:00Z', sentence: 'Added Ana', undone: true },
  ];
  const server = await open({}, (prepared) => prepared.answer(listActions, { actions }));
  await screen.findByText('Noted for Ana');
  expect(screen.queryByRole('button', { name: 'Undo Added Ana' })).toBeNull();
  await press('Undo Noted for Ana');
  await waitFor(() => expect(server.sent(undoAction)).toHaveLength(1));
});

test('a part that fails leaves the others', async () => {
  await open({}, (prepared) => prepared.reply(listActions, UNREACHABLE));
  await screen.findByText(/can’t be reached/);
  expect(screen.getByLabelText('Your name')).toBeTruthy();
});
