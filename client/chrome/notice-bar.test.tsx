import { act, fireEvent } from '@testing-library/react';
import { Text } from 'react-native';

import { useNotify, useWrite } from '@/client/api';
import { undoAction } from '@/contract/history';
import { addNote } from '@/contract/story';
import { id } from '@/testing/samples';
import { fakeServer, refusal, screen, show as showIn } from '@/testing/screen';

function Writer() {
  const write = useWrite(addNote);
  return (
    <Text onPress={() => write.mutate({ params: { id: id(1) }, body: { body: 'x' } })}>write</Text>
  );
}

function Teller() {
  const notify = useNotify();
  return <Text onPress={() => notify({ sentence: 'Just so', actionId: null })}>tell</Text>;
}

// The bar itself is part of what the harness puts around.
const show = () =>
  showIn(
    <>
      <Writer />
      <Teller />
    </>,
  );

const done = (n: number, sentence: string) => ({ actionId: id(n), sentence, topics: [] });

test('what was done is told with an undo, and the undo is sent', async () => {
  const server = fakeServer()
    .answer(addNote, done(1, 'Noted for Ana'))
    .answer(undoAction, done(2, 'Undone: Noted for Ana'));
  const { user } = show();
  await user.click(screen.getByText('write'));
  await screen.findByText('Noted for Ana');
  await user.click(screen.getByText('Undo'));
  await screen.findByText('Undone: Noted for Ana');
  expect(server.asked.map(({ path }) => path)).toEqual([
    `/api/people/${id(1)}/notes`,
    `/api/actions/${id(1)}/undo`,
  ]);
});

test('a refusal is told in its own words, without an undo', async () => {
  fakeServer().reply(addNote, refusal('Write something first.'));
  const { user } = show();
  await user.click(screen.getByText('write'));
  await screen.findByText('Write something first.');
  expect(screen.queryByText('Undo')).toBeNull();
});

test('it goes by itself after a while, or when dismissed', () => {
  jest.useFakeTimers();
  show();
  fireEvent.click(screen.getByText('tell'));
  expect(screen.getByText('Just so')).toBeTruthy();
  act(() => jest.advanceTimersByTime(13_000));
  expect(screen.queryByText('Just so')).toBeNull();
  fireEvent.click(screen.getByText('tell'));
  fireEvent.click(screen.getByText('Dismiss'));
  expect(screen.queryByText('Just so')).toBeNull();
  jest.useRealTimers();
});
