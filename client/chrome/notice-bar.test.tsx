import { QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react-native';
import { Text } from 'react-native';

import { NoticeProvider, useNotify, useWrite } from '@/client/api';
import { addNote } from '@/contract/story';
import { testQueryClient } from '@/testing/query-client';

import { NoticeBar } from './notice-bar';

const answers: { status: number; body: object }[] = [];
const asked: string[] = [];

beforeEach(() => {
  jest.useFakeTimers();
  asked.length = 0;
  answers.length = 0;
  global.fetch = jest.fn(async (url) => {
    asked.push(String(url));
    const { status, body } = answers.shift()!;
    return { ok: status === 200, json: async () => body };
  }) as never;
});
afterEach(() => jest.useRealTimers());

function Writer() {
  const write = useWrite(addNote);
  return (
    <Text onPress={() => write.mutate({ params: { id: 'p' }, body: { body: 'x' } })}>write</Text>
  );
}

function Teller() {
  const notify = useNotify();
  return <Text onPress={() => notify({ sentence: 'Just so', actionId: null })}>tell</Text>;
}

const show = () => {
  const client = testQueryClient();
  render(
    <QueryClientProvider client={client}>
      <NoticeProvider>
        <Writer />
        <Teller />
        <NoticeBar />
      </NoticeProvider>
    </QueryClientProvider>,
  );
};

test('what was done is notice with an undo, and the undo is sent', async () => {
  answers.push({ status: 200, body: { actionId: 'a1', sentence: 'Noted for Ana' } });
  answers.push({ status: 200, body: { actionId: 'a2', sentence: 'Undone: Noted for Ana' } });
  show();
  fireEvent.press(screen.getByText('write'));
  await waitFor(() => expect(screen.getByText('Noted for Ana')).toBeTruthy());
  fireEvent.press(screen.getByText('Undo'));
  await waitFor(() => expect(screen.getByText('Undone: Noted for Ana')).toBeTruthy());
  expect(asked).toEqual(['/api/people/p/notes', '/api/actions/a1/undo']);
});

test('a refusal is notice in its own words, without an undo', async () => {
  const error = { code: 'invalid', message: 'Write something first.' };
  answers.push({ status: 422, body: { error } });
  show();
  fireEvent.press(screen.getByText('write'));
  await waitFor(() => expect(screen.getByText('Write something first.')).toBeTruthy());
  expect(screen.queryByText('Undo')).toBeNull();
});

test('it goes by itself after a while, or when dismissed', () => {
  show();
  fireEvent.press(screen.getByText('tell'));
  expect(screen.getByText('Just so')).toBeTruthy();
  act(() => jest.advanceTimersByTime(13_000));
  expect(screen.queryByText('Just so')).toBeNull();
  fireEvent.press(screen.getByText('tell'));
  fireEvent.press(screen.getByText('Dismiss'));
  expect(screen.queryByText('Just so')).toBeNull();
});
