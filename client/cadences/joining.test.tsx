import { listCadences, type Cadence } from '@/contract/cadences';
import { enrol, previewEnrolment } from '@/contract/enrolments';
import type { CallOutput } from '@/contract/endpoint';
import { editPerson, getPerson } from '@/contract/people';
import { endRota, getRota, regroupRota, saveRota, tryRota, type Rota } from '@/contract/rota';
import { addDays } from '@/core/time';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import { choose, press, refusal, screen, show, TODAY, type, waitFor } from '@/testing/screen';

import { EnrolScreen } from './enrol-screen';
import { RotaScreen } from './rota-screen';

import { LOAD, NO_OTHERS, prepared } from '@/testing/cadence-screens';
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
    noDay: 0,
    noDayFirst: [],
    slipsFirst: [],
    others: NO_OTHERS,
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
      '1 person already on it won’t change.',
      '1 person lacks something it needs',
      'No other touch moves.',
    ])
      expect(screen.getByText(words)).toBeTruthy();
    await press('A few each day', 'radio');
    await type('Begin on each working day', '5');
    await type('Starts on', 'next monday');
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

  test('what it would move of others is told, with the first of them', async () => {
    const move = { name: 'Bo Birch', kind: 'call' as const, from: TODAY };
    prepared().answer(previewEnrolment, {
      ...PREVIEW,
      others: {
        moved: 4,
        gone: 1,
        fromToday: 2,
        first: [
          { ...move, personId: sample.id(2), to: addDays(TODAY, 2) },
          { ...move, personId: sample.id(3), name: 'Wen Ito', to: null },
        ],
      },
    });
    show(<EnrolScreen />);
    await screen.findByText(
      'In the next 13 weeks, 4 other touches move to another day and 1 other touch is dropped. Planned for today: 2 of them.',
    );
    for (const words of [
      'Bo Birch: call on Nov 23 moves to Nov 25',
      'Wen Ito: call on Nov 23 is dropped',
      'and 3 more',
    ])
      expect(screen.getByText(words)).toBeTruthy();
  });

  test('from a sheet it is for that one, and leads back there', async () => {
    at({ person: sample.id(2) });
    const server = prepared().answer(previewEnrolment, { ...PREVIEW, people: 1 });
    show(<EnrolScreen />);
    await screen.findByText('What it would bring');
    await press('Enroll 1 person');
    await waitFor(() => expect(gone).toEqual([`/people/${sample.id(2)}`]));
    expect(server.sent(enrol)[0]).toMatchObject({ who: { ids: [sample.id(2)] } });
    expect(screen.queryByText(/chosen in People/)).toBeNull();
  });

  test('nobody a day is refused at its field; what the server refuses is told', async () => {
    const server = await open();
    await press('A few each day', 'radio');
    await type('Begin on each working day', '');
    await press('Enroll 3 people');
    await screen.findByText('At least one person a day has to begin.');
    server.reply(enrol, refusal('The cadence is switched off.', { field: 'cadenceId' }));
    await type('Begin on each working day', '2');
    await press('Enroll 3 people');
    await screen.findByText('The cadence is switched off.');
    expect(screen.getByLabelText('Cadence').getAttribute('aria-invalid')).toBe('true');
  });

  test('what somebody lacks is mended there', async () => {
    const server = await open();
    server.answer(getPerson, sample.sheet({ id: sample.id(3) }));
    server.reply(editPerson, refusal('“soon” is not a phone number.', { field: 'phones.0.value' }));
    await type(/^Their phone.*Wen Ito$/, 'soon');
    await press('Keep for Wen Ito');
    await screen.findByText('“soon” is not a phone number.');
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
    who: [{ id: sample.id(n + 2), name: `${name}nna ${name}bbot` }],
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

  test('each week unfolds to who is in it', async () => {
    await open();
    await press('This week, A: 9 people');
    const first = screen.getByRole('link', { name: 'Anna Abbot' });
    expect(first.getAttribute('href')).toBe(`/people/${sample.id(2)}`);
    expect(screen.getByText('and 8 more')).toBeTruthy();
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
