import { listRules } from '@/contract/greetings';
import { logTouch } from '@/contract/touches';
import { greetingRule, greetingTotals, id } from '@/testing/samples';
import {
  choose,
  fakeServer,
  press,
  refusal,
  screen,
  show,
  TODAY,
  type,
  waitFor,
} from '@/testing/screen';

import { LogForm } from './log-form';

const NEXT = {
  actionId: id(1),
  sentence: 'Logged a call',
  topics: [],
  touchId: id(2),
};

const form = (onDone = () => {}, free = false) => (
  <LogForm personId={id(7)} kind="call" itemKey="keep:p:1" {...{ today: TODAY, onDone, free }} />
);

test('one tap logs the outcome with the planned item', async () => {
  const server = fakeServer().answer(logTouch, NEXT);
  const onDone = jest.fn();
  show(form(onDone));
  await press('Left word');
  await waitFor(() => expect(onDone).toHaveBeenCalled());
  expect(server.sent(logTouch)).toEqual([
    { personId: id(7), kind: 'call', outcome: 'left_word', itemKey: 'keep:p:1' },
  ]);
});

test('what was planned may have been done another way, on another day', async () => {
  const server = fakeServer().answer(logTouch, NEXT);
  show(form());
  await press('It was another way or day');
  await choose('What it was', 'Text');
  await type('When', 'yesterday');
  await press('Sent');
  await waitFor(() => expect(server.sent(logTouch)).toHaveLength(1));
  expect(server.sent(logTouch)[0]).toMatchObject({
    kind: 'text',
    outcome: 'sent',
    on: '2026-11-22',
    itemKey: 'keep:p:1',
  });
});

test('only outcomes that go with the kind are offered', () => {
  fakeServer();
  show(form());
  expect(screen.queryByText('Sent')).toBeNull();
  expect(screen.getByText('No answer')).toBeTruthy();
});

test('a note, a follow-up in one’s own words and what was learnt go in with it', async () => {
  const server = fakeServer().answer(logTouch, NEXT);
  show(form());
  await type('Note', 'Kitchen done');
  await press('Add a follow-up');
  await type('Follow up on', 'in 2 weeks');
  expect(screen.getByText('Monday, December 7')).toBeTruthy();
  await type('About', 'the garden');
  await press('Add what you learnt');
  await type('Tags, one after another', 'garden, #boat');
  await type('A date: what it is', 'Baby due');
  await type('and when', 'March 3');
  await press('Reached');
  await waitFor(() => expect(server.sent(logTouch)).toHaveLength(1));
  expect(server.sent(logTouch)[0]).toMatchObject({
    note: 'Kitchen done',
    followUp: { on: '2026-12-07', kind: 'call', words: 'the garden' },
    tags: ['garden', 'boat'],
    date: { name: 'Baby due', on: '2027-03-03' },
  });
});

test('a day that the note tells of is offered as a date, with a greeting', async () => {
  const server = fakeServer().answer(logTouch, NEXT);
  show(form());
  await type('Note', 'So glad: baby due in March.');
  await press('Baby due, March 1, 2027', 'checkbox');
  expect(screen.getByText('Where it tells the month alone, the first is taken.')).toBeTruthy();
  await type('and when', 'March 20');
  await press('Reached');
  await waitFor(() => expect(server.sent(logTouch)).toHaveLength(1));
  expect(server.sent(logTouch)[0]).toMatchObject({
    note: 'So glad: baby due in March.',
    date: { name: 'Baby due', on: '2027-03-20', greet: 'call' },
  });
});

test('what a rule greets on needs no greeting of its own', async () => {
  const server = fakeServer()
    .answer(logTouch, NEXT)
    .answer(listRules, { today: TODAY, rules: [greetingRule()], year: greetingTotals() });
  show(form());
  await type('Note', 'Her birthday is May 4');
  await press('Birthday, May 4, 2027', 'checkbox');
  await screen.findByText('You have a rule of greetings for this.');
  await press('Reached');
  await waitFor(() => expect(server.sent(logTouch)).toHaveLength(1));
  expect(server.sent(logTouch)[0]).toMatchObject({
    date: { name: 'birthday', on: '2027-05-04', greet: null },
  });
});

test('a day that is offered may be left out again', async () => {
  const server = fakeServer().answer(logTouch, NEXT);
  show(form());
  await type('Note', 'Moving on December 3');
  await press('Moving, December 3', 'checkbox');
  await press('Moving, December 3', 'checkbox');
  await press('Reached');
  await waitFor(() => expect(server.sent(logTouch)).toHaveLength(1));
  expect(server.sent(logTouch)[0]).not.toHaveProperty('date');
});

test('a day that can’t be read is said at its field, and nothing is sent or lost', async () => {
  const server = fakeServer();
  show(form());
  await type('Note', 'Kitchen done');
  await press('Add a follow-up');
  await type('Follow up on', '31 February');
  await press('Reached');
  await screen.findByText('No day could be read. Try Nov 30 or 2026-11-30.');
  expect(screen.getByLabelText('Follow up on').getAttribute('aria-invalid')).toBe('true');
  expect(server.sent(logTouch)).toEqual([]);
  expect(screen.getByDisplayValue('Kitchen done')).toBeTruthy();
});

test('a refusal for a field shows there; for one that is not shown, below', async () => {
  const server = fakeServer().reply(
    logTouch,
    refusal('A touch can be logged once it has been made, not before.', { field: 'on' }),
  );
  show(form(() => {}, true));
  await press('Reached');
  await screen.findByText('A touch can be logged once it has been made, not before.');
  expect(screen.getByLabelText('When').getAttribute('aria-invalid')).toBe('true');
  server.reply(logTouch, refusal('This is on the desk no more.', { field: 'itemKey' }));
  await press('Reached');
  expect((await screen.findByText('This is on the desk no more.')).getAttribute('role')).toBe(
    'alert',
  );
});

test('what was typed is there again when the form was left', async () => {
  fakeServer();
  const { replace } = show(form());
  await type('Note', 'Kitchen done');
  replace(<></>);
  replace(form());
  expect(await screen.findByDisplayValue('Kitchen done')).toBeTruthy();
});
