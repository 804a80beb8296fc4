import { fireEvent } from '@testing-library/react';

import {
  createCadence,
  deleteCadence,
  feedCadence,
  getCadence,
  listCadences,
  listVersions,
  saveCadence,
  switchCadence,
  type Cadence,
} from '@/contract/cadences';
import { listEnrolments, pauseEnrolments, stopEnrolments } from '@/contract/enrolments';
import { PATTERNS } from '@/core/cadences';
import { addDays } from '@/core/time';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import {
  expectWaiting,
  choose,
  press,
  refusal,
  screen,
  show,
  TODAY,
  type,
  waitFor,
  widen,
} from '@/testing/screen';

import { BuilderScreen } from './builder-screen';
import { CadenceList } from './cadence-list';
import { PatternsScreen } from './patterns-screen';
import { RotaScreen } from './rota-screen';

import { prepared } from '@/testing/cadence-screens';
describe('the cadences', () => {
  test('on their way, away, and none yet', () =>
    expectWaiting(<CadenceList />, prepared(), listCadences, {
      answer: { cadences: [] },
      shows: /^A cadence is a series of touches that repeats/,
    }));

  test('each with its rhythm leads to where it is built', async () => {
    prepared().answer(listCadences, { cadences: [sample.cadence({ active: false })] });
    show(<CadenceList />);
    await screen.findByText('switched off');
    expect(screen.getByRole('link', { name: 'Quarterly' }).getAttribute('href')).toBe(
      `/cadences/${sample.id(40)}`,
    );
  });

  test('the pattern book shows days and words, and leads to a copy', async () => {
    prepared();
    show(<PatternsScreen />);
    const [first] = await screen.findAllByRole('button', { name: /^Days and words of/ });
    fireEvent.click(first!);
    await screen.findByText(/Longest silence/);
    fireEvent.click(screen.getAllByRole('button', { name: /^Take a copy of/ })[0]!);
    expect(gone[0]).toMatch(/^\/cadences\/new\?pattern=/);
  });
});

describe('with room', () => {
  beforeEach(() => widen());

  test('the year of the cadence in hand stands beside the list', async () => {
    at({ shown: sample.id(41) });
    prepared().answer(listCadences, {
      cadences: [
        sample.cadence(),
        sample.cadence({ id: sample.id(41) as never, name: 'Twice a year' }),
      ],
    });
    show(<CadenceList />);
    await screen.findByRole('heading', { name: 'Twice a year' });
    expect(screen.getByText(/Longest silence/)).toBeTruthy();
    const first = screen.getByRole('link', { name: 'Quarterly' });
    expect(first.getAttribute('href')).toBe(`/cadences?shown=${sample.id(40)}`);
    await press('Open Twice a year');
    expect(gone).toEqual([`/cadences/${sample.id(41)}`]);
  });

  test('the days and words of the open pattern stand beside the book', async () => {
    at({ open: PATTERNS[1]!.key });
    prepared();
    show(<PatternsScreen />);
    await screen.findByText(/Longest silence/);
    const here = screen.getByRole('link', {
      name: `Days and words of ${PATTERNS[1]!.cadence.name}`,
    });
    expect(here.getAttribute('aria-current')).toBe('true');
  });
});

test('a letter rota without its cadence leads to where one is chosen', () => {
  prepared();
  show(<RotaScreen />);
  expect(gone).toEqual(['/cadences']);
});

describe('building', () => {
  const open = async (change: Partial<Cadence> = {}) => {
    at({ id: sample.id(40) });
    const server = prepared(change);
    show(<BuilderScreen />);
    await screen.findByRole('heading', { name: 'Quarterly' });
    return server;
  };

  test('a new one is named, given beats, and saved; then it is there by its address', async () => {
    at({ id: 'new' });
    const server = prepared().answer(createCadence, {
      actionId: sample.id(8),
      sentence: 'Saved',
      topics: [],
      id: sample.id(42),
    });
    show(<BuilderScreen />);
    await screen.findByRole('heading', { name: 'A new cadence' });
    await press('Add a beat');
    await press('Save');
    await screen.findByText('Give the cadence a name.');
    expect(screen.getByLabelText('Name').getAttribute('aria-invalid')).toBe('true');
    await type('Name', 'Quarterly');
    await press('Add a beat');
    await press('Save');
    await waitFor(() => expect(gone).toEqual([`/cadences/${sample.id(42)}`]));
    expect(server.sent(createCadence)[0]).toMatchObject({
      name: 'Quarterly',
      beats: [{ timing: { on: 'after', days: 0 } }, { timing: { on: 'after', days: 30 } }],
    });
  });

  test('a pattern, and a copy of another one, are beginnings', async () => {
    at({ id: 'new', copy: sample.id(40) });
    prepared();
    show(<BuilderScreen />);
    expect(await screen.findByDisplayValue('Quarterly, a copy')).toBeTruthy();
    expect(screen.getAllByRole('listitem')).toHaveLength(2);
  });

  test('saved, only what is different can be saved, on the version that is shown', async () => {
    const server = await open();
    expect(screen.getByText('Saved')).toBeTruthy();
    expect(screen.queryByText('What saving would change')).toBeNull();
    await press('Change beat 1');
    await type('Day of beat 1', '8');
    await screen.findByText('What saving would change');
    expect(
      screen.getByText(
        'In the plan of the next 13 weeks: 2 touches move to another day, 1 comes in, 1 is dropped.',
      ),
    ).toBeTruthy();
    expect(screen.getByText('Bo Birch: call on Nov 27 is dropped')).toBeTruthy();
    expect(screen.getByText('call from Nov 26 to Nov 28')).toBeTruthy();
    expect(screen.getByText('card new on Dec 2')).toBeTruthy();
    await press('Save');
    await waitFor(() => expect(server.sent(saveCadence)).toHaveLength(1));
    expect(server.sent(saveCadence)[0]).toMatchObject({
      version: 2,
      beats: [{ timing: { on: 'after', days: 7 } }, {}],
    });
  });

  test('what was opened below stays open when a newer version is shown', async () => {
    const server = await open();
    await press('Earlier versions');
    await screen.findByRole('button', { name: 'Hide' });
    await type('Name', 'Four times a year');
    server
      .answer(getCadence, sample.cadence({ name: 'Four times a year', version: 3 }))
      .answer(saveCadence, {
        actionId: sample.id(8),
        sentence: 'Saved',
        topics: ['cadences'],
      });
    await press('Save');
    await screen.findByRole('heading', { name: 'Four times a year' });
    expect(screen.getByRole('button', { name: 'Hide' })).toBeTruthy();
  });

  test('beats are turned, timed, worded, copied, moved and taken away', async () => {
    await open();
    await press('Change beat 2');
    await choose('Kind of beat 2', 'letter');
    await choose('How beat 2 is timed', 'around their own date');
    await type('Days of beat 2', '10');
    await choose('Date of beat 2', 'another date, by its name');
    await type('Name of the date of beat 2', 'Wedding');
    expect(screen.getByText('10 days before their Wedding, letter')).toBeTruthy();
    await choose('How beat 2 is timed', 'a weekday of a month');
    await choose('Which weekday of beat 2', 'last');
    await choose('How beat 2 is timed', 'a day of the year');
    await type('Day of the month of beat 2', '24');
    await press('Move beat 2 earlier');
    await press('Copy beat 1');
    expect(screen.getAllByRole('listitem')).toHaveLength(3);
    await press('Remove beat 1');
    expect(screen.getAllByRole('listitem')).toHaveLength(2);
  });

  test('a refusal stands at the beat, at the rounds, or at the whole', async () => {
    const server = await open();
    await type('Advice to yourself on consent and frequency', 'gently');
    server.reply(
      saveCadence,
      refusal('No such field.', {
        fields: [
          { field: 'beats.1.wordings.0', message: 'There is no field {{ boat }} to fill in.' },
          { field: 'gapDays', message: 'Not more than 36,500.' },
        ],
      }),
    );
    await press('Save');
    await screen.findByText('There is no field {{ boat }} to fill in.');
    expect(screen.getByLabelText('After the last beat, wait').getAttribute('aria-invalid')).toBe(
      'true',
    );
    server.reply(saveCadence, refusal('It was changed in another window.', { code: 'conflict' }));
    await press('Save');
    await screen.findByText('It was changed in another window.');
    expect(screen.getByDisplayValue('gently')).toBeTruthy();
  });

  test('rounds repeat, are counted, and hand over', async () => {
    const server = await open();
    await press('Several rounds', 'radio');
    await type('Altogether', '6');
    await choose('After the last round', 'it hands over to Year');
    await type('after a wait of', '14');
    await press('from the day really done', 'radio');
    await press('Save');
    await waitFor(() => expect(server.sent(saveCadence)).toHaveLength(1));
    expect(server.sent(saveCadence)[0]).toMatchObject({
      rounds: 6,
      followOn: true,
      handOver: { cadenceId: sample.id(41), waitDays: 14 },
    });
  });

  test('what else can be done with a saved one', async () => {
    const server = await open({ people: 0 });
    server
      .answer(listVersions, {
        versions: [
          {
            version: 1,
            savedAt: '2026-10-01T10:00:00Z',
            draft: { ...sample.cadence(), name: 'Twice a year' },
          },
        ],
      })
      .answer(listEnrolments, {
        total: 1,
        paused: 0,
        people: [
          {
            enrolmentId: sample.id(71),
            personId: sample.id(2),
            name: 'Bo Birch',
            state: 'running',
            startOn: TODAY,
            next: { day: addDays(TODAY, 2), kind: 'call' },
          } as never,
        ],
      });
    await press('Switch it off');
    await press('Who is on it');
    await screen.findByText('call Nov 25');
    await press('Pause all');
    expect(server.sent(pauseEnrolments)).toEqual([]);
    expect(
      screen.getByText(/^1 person rests from now on: what it has planned for 1 of them/),
    ).toBeTruthy();
    await press('Pause 1 person');
    await press('Take all off');
    expect(screen.getByText(/^1 person leaves the cadence/)).toBeTruthy();
    await press('Take 1 person off');
    await press('Earlier versions');
    await press('Take back version 1');
    expect(screen.getByDisplayValue('Twice a year')).toBeTruthy();
    await choose('Whoever is in the view', 'Boats (2)');
    await type('At most, each working day', '5');
    await press('Keep it so');
    await press('Delete it');
    await waitFor(() => expect(gone).toContain('/cadences'));
    expect(server.sent(switchCadence)).toEqual([{ active: false }]);
    expect(server.sent(pauseEnrolments)).toEqual([{ ids: [sample.id(71)] }]);
    expect(server.sent(stopEnrolments)).toEqual([{ ids: [sample.id(71)], reason: '' }]);
    expect(server.sent(feedCadence)).toEqual([{ feed: { viewId: sample.id(30), perDay: 5 } }]);
    expect(server.sent(deleteCadence)).toHaveLength(1);
  });
});
