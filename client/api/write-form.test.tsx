import { useState } from 'react';

import { SaveBar, TextField } from '@/client/ui';
import { addJob } from '@/contract/story';
import { id } from '@/testing/samples';
import {
  fakeServer,
  HTML,
  NEVER,
  press,
  refusal,
  screen,
  show,
  type,
  UNREACHABLE,
  waitFor,
} from '@/testing/screen';

import { placeOf } from './form-faults';
import { useWriteForm } from './write-form';

interface Job {
  name: string;
  stage: string;
}

/** A form of two fields; the fee of the contract is none of them. */
function Form({ saved = { name: '', stage: '' }, onSaved = () => {} }) {
  const form = useWriteForm(addJob, {
    values: saved,
    toInput: (body: Job) => ({ params: { id: id(1) }, body }),
    onSaved,
    keepAs: 'job',
  });
  return (
    <>
      <TextField of={form} name="name" label="What it is" />
      <TextField of={form} name="stage" label="How far" />
      <SaveBar form={form} onClose={() => {}} />
    </>
  );
}

const invalid = (label: string) => screen.getByLabelText(label).getAttribute('aria-invalid');
const valueOf = (label: string) => (screen.getByLabelText(label) as HTMLInputElement).value;

test('what the schema refuses is told at its field without asking the server', async () => {
  const server = fakeServer();
  show(<Form />);
  await press('Keep');
  await screen.findByText('Name the work.');
  expect([invalid('What it is'), invalid('How far')]).toEqual(['true', null]);
  expect(server.asked).toEqual([]);
  await type('What it is', 'Loft');
  expect(screen.queryByText('Name the work.')).toBeNull();
});

test('a refusal of a field that the form does not show names the field', async () => {
  fakeServer().reply(
    addJob,
    refusal('Write a number.', {
      fields: [
        { field: 'feeMinor', message: 'Write a number.' },
        { field: 'stage', message: 'At most 60 characters.' },
      ],
    }),
  );
  show(<Form />);
  await type('What it is', 'Loft');
  await press('Keep');
  await screen.findByText('Fee minor: Write a number.');
  expect(screen.getByText('At most 60 characters.')).toBeTruthy();
  expect(invalid('How far')).toBe('true');
});

test('two fields at once are told at both', async () => {
  fakeServer().reply(
    addJob,
    refusal('Taken.', {
      fields: [
        { field: 'name', message: 'Taken.' },
        { field: 'stage', message: 'Not known.' },
      ],
    }),
  );
  show(<Form />);
  await type('What it is', 'Loft');
  await press('Keep');
  await screen.findByText('Taken.');
  expect(screen.getByText('Not known.')).toBeTruthy();
});

test.each([
  [
    'of the whole',
    (s: Server) => s.reply(addJob, refusal('The disk is full.')),
    'The disk is full.',
  ],
  ['when nobody answers', (s: Server) => s.reply(addJob, UNREACHABLE), /can’t be reached/],
  [
    'when something else answers',
    (s: Server) => s.reply(addJob, HTML),
    /Something else than Pen Pal/,
  ],
])('a refusal %s stands at the foot once, and nothing typed is lost', async (_, break_, words) => {
  break_(fakeServer());
  show(<Form />);
  await type('What it is', 'Loft');
  await press('Keep');
  await screen.findByText(words);
  expect(screen.getAllByText(words)).toHaveLength(1);
  expect(valueOf('What it is')).toBe('Loft');
});
type Server = ReturnType<typeof fakeServer>;

test('while an answer is awaited for long it says so, and the form is not sent twice', async () => {
  jest.useFakeTimers({ advanceTimers: true });
  const server = fakeServer().reply(addJob, NEVER);
  show(<Form />);
  await type('What it is', 'Loft');
  await press('Keep');
  await press('Keep');
  jest.advanceTimersByTime(9_000);
  await screen.findByText('Pen Pal has not answered yet. What you typed stays here.');
  expect(server.sent(addJob)).toHaveLength(1);
  jest.useRealTimers();
});

test('saved, it is done with; what was typed is not offered again', async () => {
  fakeServer();
  const onSaved = jest.fn();
  const { replace } = show(<Form onSaved={onSaved} />);
  await type('What it is', 'Loft');
  await press('Keep');
  await waitFor(() => expect(onSaved).toHaveBeenCalledTimes(1));
  replace(<></>);
  replace(<Form />);
  expect(valueOf('What it is')).toBe('');
});

test('left with changes it has them again, asks before the window is closed, and can start over', async () => {
  fakeServer();
  const leaving = () => {
    const event = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(event);
    return event.defaultPrevented;
  };
  const { replace } = show(<Form />);
  expect(leaving()).toBe(false);
  await type('What it is', 'Loft');
  expect(leaving()).toBe(true);
  replace(<></>);
  expect(leaving()).toBe(true);
  replace(<Form />);
  expect(await screen.findByDisplayValue('Loft')).toBeTruthy();
  await press('Start over');
  expect(valueOf('What it is')).toBe('');
  expect(leaving()).toBe(false);
});

test('left while it is on its way, a refusal is told all the same, and nothing is lost', async () => {
  let answer: (reply: ReturnType<typeof refusal>) => void = () => {};
  fakeServer().reply(addJob, new Promise((done) => (answer = done)));
  const { replace } = show(<Form />);
  await type('What it is', 'Loft');
  await press('Keep');
  replace(<></>);
  answer(refusal('The disk is full.'));
  await screen.findByText('The disk is full.');
  replace(<Form />);
  expect(await screen.findByDisplayValue('Loft')).toBeTruthy();
});

test('put back by hand to what is saved, there is nothing to keep', async () => {
  fakeServer();
  const { replace } = show(<Form />);
  await type('What it is', 'Loft');
  replace(<></>);
  replace(<Form />);
  await screen.findByDisplayValue('Loft');
  await type('What it is', '');
  replace(<></>);
  replace(<Form />);
  expect(valueOf('What it is')).toBe('');
});

test('given up by its own button, it is not kept', async () => {
  fakeServer();
  const { replace } = show(<Form />);
  await type('What it is', 'Loft');
  await press('Leave it');
  replace(<></>);
  replace(<Form />);
  expect(valueOf('What it is')).toBe('');
});

test('what is saved elsewhere shows in the fields that were not touched', async () => {
  fakeServer();
  function Elsewhere() {
    const [saved, setSaved] = useState({ name: 'Loft', stage: 'begun' });
    return (
      <>
        <Form saved={saved} />
        <button onClick={() => setSaved({ name: 'House', stage: 'done' })}>elsewhere</button>
      </>
    );
  }
  const { user } = show(<Elsewhere />);
  await type('What it is', 'Attic');
  await user.click(screen.getByText('elsewhere'));
  await waitFor(() => expect(valueOf('How far')).toBe('done'));
  expect(valueOf('What it is')).toBe('Attic');
});

describe('the place of a fault', () => {
  const shown = new Set(['name', 'phones', 'phones.0.value', 'date.on']);
  test.each([
    ['name', 'name'],
    ['phones.0.value', 'phones.0.value'],
    ['phones.7.value', 'phones'],
    ['date', 'date.on'],
    ['fee', null],
    ['', null],
  ])('of “%s” is %s', (field, place) => expect(placeOf(field, shown)).toBe(place));
});
