import {
  createCadence,
  deleteCadence,
  feedCadence,
  getCadence,
  listCadences,
  listVersions,
  saveCadence,
  switchCadence,
  tryCadence,
  type Cadence,
} from '@/contract/cadences';
import {
  enrol,
  listEnrolments,
  pauseEnrolments,
  previewEnrolment,
  stopEnrolments,
} from '@/contract/enrolments';
import type { CallOutput } from '@/contract/endpoint';
import { editPerson, getPerson } from '@/contract/people';
import { endRota, getRota, regroupRota, saveRota, tryRota, type Rota } from '@/contract/rota';
import { listServices } from '@/contract/services';
import { getSettings } from '@/contract/settings';
import { listViews } from '@/contract/views';
import { addDays } from '@/core/time';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import {
  choose,
  fakeServer,
  NEVER,
  press,
  refusal,
  screen,
  show,
  TODAY,
  type,
  UNREACHABLE,
  waitFor,
} from '@/testing/screen';

import { BuilderScreen } from './builder-screen';
import { CadenceList } from './cadence-list';
import { EnrolScreen } from './enrol-screen';
import { PatternsScreen } from './patterns-screen';
import { RotaScreen } from './rota-screen';

const VIEW = {
  id: sample.id(30),
  name: 'Boats',
  filter: { tags: ['boat'] },
  sort: 'name' as const,
  pinned: false,
  hidden: false,
  people: 2,
  warnings: [],
};

const LOAD = [{ monday: TODAY, before: 10, after: 14, capacity: 40 }];

const prepared = (change: Partial<Cadence> = {}) => {
  const cadence = sample.cadence(change);
  return fakeServer()
    .answer(getCadence, cadence)
    .answer(listCadences, {
      cadences: [cadence, sample.cadence({ id: sample.id(41), name: 'Year' })],
    })
    .answer(listServices, { today: TODAY, services: [], calls: [] })
    .answer(listViews, { views: [VIEW] })
    .answer(getSettings, sample.settings())
    .answer(tryCadence, {
      running: 3,
      joining: 0,
      changed: {
        people: 2,
        moved: 1,
        added: 1,
        dropped: 0,
        turned: 0,
        examples: [
          {
            personId: sample.id(2),
            name: 'Bo Birch',
            changes: [
              { kind: 'call', from: addDays(TODAY, 3), to: addDays(TODAY, 5) },
              { kind: 'card', from: null, to: addDays(TODAY, 9) },
            ],
          },
        ],
      },
      load: LOAD,
      slipsBefore: 0,
      slipsAfter: 0,
    });
};

describe('the cadences', () => {
  test('on their way, away, none, and each with its rhythm', async () => {
    const server = prepared().reply(listCadences, NEVER);
    const first = show(<CadenceList />);
    expect(screen.getByText('One moment')).toBeTruthy();
    first.unmount();
    server.reply(listCadences, UNREACHABLE);
    const second = show(<CadenceList />);
    await screen.findByText(/can’t be reached/);
    second.unmount();
    server.answer(listCadences, { cadences: [] });
    const third = show(<CadenceList />);
    await screen.findByText(/^A cadence is a series of touches that repeats/);
    third.unmount();
    server.answer(listCadences, { cadences: [sample.cadence({ active: false })] });
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
    first!.click();
    await screen.findByText(/Longest silence/);
    screen.getAllByRole('button', { name: /^Take a copy of/ })[0]!.click();
    expect(gone[0]).toMatch(/^\/cadences\/new\?pattern=/);
  });
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
    expect(screen.getByText('call from Nov 26 to Nov 28')).toBeTruthy();
    expect(screen.getByText('card new on Dec 2')).toBeTruthy();
    await press('Save');
    await waitFor(() => expect(server.sent(saveCadence)).toHaveLength(1));
    expect(server.sent(saveCadence)[0]).toMatchObject({
      version: 2,
      beats: [{ timing: { on: 'after', days: 7 } }, {}],
    });
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
    server.refuse(
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
    server.refuse(saveCadence, refusal('It was changed in another window.', { code: 'conflict' }));
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
    await press('Take all off');
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

describe('enrolling', () => {
  const PREVIEW: CallOutput<typeof previewEnrolment> = {
    people: 3,
    alreadyOn: 1,
    lastStart: addDays(TODAY, 9),
    sample: {
      id: sample.id(2),
      name: 'Bo Birch',
      touches: [
        { on: addDays(TODAY, 1), kind: 'call', round: 0, words: 'How is it?', fault: null },
        { on: addDays(TODAY, 8), kind: 'card', round: 0, words: '', fault: 'No address.' },
      ],
    },
    candidates: [{ id: sample.id(2), name: 'Bo Birch' }],
    lacking: [
      {
        id: sample.id(3),
        name: 'Wen Ito',
        lacks: [{ words: 'no phone', field: 'phone' }],
        touches: 1,
      },
    ],
    lackingCount: 1,
    load: LOAD,
    slipsBefore: 0,
    slipsAfter: 0,
  };

  const open = async (change: Partial<Cadence> = {}) => {
    const server = prepared(change).answer(previewEnrolment, PREVIEW);
    show(<EnrolScreen />);
    await screen.findByText('What it would bring');
    return server;
  };

  test('without a cadence there is nothing to enroll in, but one can be built', async () => {
    prepared().answer(listCadences, { cadences: [] });
    show(<EnrolScreen />);
    await press('Build one');
    expect(gone).toEqual(['/cadences/new']);
  });

  test('what it would bring is shown for a real person, with who lacks what', async () => {
    const server = await open();
    for (const words of [
      'Nobody was chosen in People, so this is for everybody in your sphere.',
      'How is it?',
      'No address.',
      '1 person is on it already and stay as they are.',
      '1 person lacks something it needs',
    ])
      expect(screen.getByText(words)).toBeTruthy();
    await press('A few each day', 'radio');
    await type('Begin on each working day', '5');
    await type('Starts on', 'Monday');
    await press('Leave them out', 'radio');
    await press('Enroll 2 people');
    await waitFor(() => expect(gone).toEqual(['/']));
    expect(server.sent(enrol)[0]).toMatchObject({
      startOn: '2026-11-30',
      perDay: 5,
      leaveOutLacking: true,
      who: { filter: {} },
    });
  });

  test('nobody a day is refused at its field; what the server refuses is told', async () => {
    const server = await open();
    await press('A few each day', 'radio');
    await type('Begin on each working day', '');
    await press('Enroll 3 people');
    await screen.findByText('At least one person a day has to begin.');
    server.refuse(enrol, refusal('The cadence is switched off.', { field: 'cadenceId' }));
    await type('Begin on each working day', '2');
    await press('Enroll 3 people');
    await screen.findByText('The cadence is switched off.');
    expect(screen.getByLabelText('Cadence').getAttribute('aria-invalid')).toBe('true');
  });

  test('what somebody lacks is mended there', async () => {
    const server = await open();
    server.answer(getPerson, sample.sheet({ id: sample.id(3) }));
    server.refuse(
      editPerson,
      refusal('“soon” is not a phone number.', { field: 'phones.0.value' }),
    );
    await type(/Wen Ito$/, 'soon');
    await press('Keep for Wen Ito');
    await screen.findAllByText('“soon” is not a phone number.');
    expect(server.sent(editPerson)).toHaveLength(1);
  });

  test('in a letter rota each begins in the week of their letter', async () => {
    await open({ rota: true });
    expect(screen.getByText(/^Each begins in the week of their letter/)).toBeTruthy();
    expect(screen.queryByLabelText('Starts on')).toBeNull();
  });
});

describe('the letter rota', () => {
  const week = (n: number, name: string, people: number) => ({
    monday: addDays(TODAY, 7 * n),
    groups: [{ name, people }],
    people,
    now: n === 0,
  });
  const ROTA: Rota = {
    saved: true,
    draft: {
      namePart: 'family',
      particles: 'first',
      weeks: 13,
      lettersAWeek: 2,
      firstDay: TODAY,
      cuts: {},
      who: {},
    },
    weeks: [week(0, 'A', 9), week(1, 'B', 4)],
    people: 13,
    splits: [{ letter: 'M', cut: 'O', people: 30, first: 14 }],
    regrouped: { people: 3, largest: 7 },
  };

  const open = async (change: Partial<Rota> = {}) => {
    at({ id: sample.id(40) });
    const server = prepared()
      .answer(getRota, { ...ROTA, ...change })
      .answer(tryRota, { weeks: ROTA.weeks, people: 13, splits: [] });
    show(<RotaScreen />);
    await screen.findByText('How it calls');
    return server;
  };

  test('its weeks, the letters of this one, and what would make them even', async () => {
    const server = await open();
    expect(
      screen.getByRole('heading', { name: '13 people in 2 weeks, 4 to 9 a week' }),
    ).toBeTruthy();
    expect(screen.getByText('This week: A, 9 people.')).toBeTruthy();
    await press('Even the weeks out');
    await waitFor(() => expect(server.sent(regroupRota)).toHaveLength(1));
  });

  test('what is changed is tried before it is saved', async () => {
    const server = await open();
    await press('Split M');
    await press('First name', 'radio');
    await type('Each week', '3');
    await choose('Whom', 'The circle Inner');
    await type('First week begins on', 'next monday');
    await waitFor(() => expect(server.sent(tryRota).at(-1)).toMatchObject({ lettersAWeek: 3 }));
    await press('Save the rota');
    await waitFor(() => expect(server.sent(saveRota)).toHaveLength(1));
    expect(server.sent(saveRota)[0]).toMatchObject({
      namePart: 'given',
      cuts: { M: 'O' },
      who: { circleIds: [sample.id(90)] },
    });
  });

  test('weeks that are none are refused at their field', async () => {
    const server = await open();
    await type('One time through', '0');
    await press('Save the rota');
    await screen.findByText('A rota takes at least one week.');
    expect(server.sent(saveRota)).toEqual([]);
  });

  test('a new one is begun, and one is ended', async () => {
    const server = await open({ saved: false });
    await press('Begin the rota');
    await waitFor(() => expect(server.sent(saveRota)).toHaveLength(1));
    expect(screen.queryByText('End the rota')).toBeNull();
  });

  test('ended, it leads back to the cadence', async () => {
    const server = await open();
    await press('End the rota');
    await waitFor(() => expect(gone).toEqual([`/cadences/${sample.id(40)}`]));
    expect(server.sent(endRota)).toHaveLength(1);
  });
});
