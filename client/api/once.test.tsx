import { addNote } from '@/contract/story';
import * as sample from '@/testing/samples';
import { fakeServer, screen, show, UNREACHABLE, waitFor } from '@/testing/screen';

import { useWrite } from './queries';

const DONE = { actionId: sample.id(2), sentence: 'Noted', topics: [] };

function Screen() {
  const write = useWrite(addNote);
  const press = () => write.mutate({ params: { id: sample.id(1) }, body: { body: 'so' } });
  return <button onClick={press}>write</button>;
}

test('pressed five times in a row, a write is sent once; later it is another one', async () => {
  const server = fakeServer().answer(addNote, DONE);
  const { user } = show(<Screen />);
  const button = screen.getByText('write');
  for (let i = 0; i < 5; i++) button.click();
  await screen.findByText('Noted');
  expect(server.sent(addNote)).toHaveLength(1);
  await user.click(button);
  await waitFor(() => expect(server.sent(addNote)).toHaveLength(2));
  const [first, later] = server.keys(addNote);
  expect(first).not.toBe(later);
});

test('tried again when no answer came, it goes under the same key', async () => {
  const server = fakeServer();
  server.reply(addNote, UNREACHABLE);
  const { user } = show(<Screen />);
  await user.click(screen.getByText('write'));
  await screen.findByText(/can’t be reached/);
  server.answer(addNote, DONE);
  await user.click(screen.getByText('write'));
  await screen.findByText('Noted');
  const [first, again] = server.keys(addNote);
  expect(again).toBe(first);
});
