import { getPerson, listPeople, peopleFacets } from '@/contract/people';
import { listCadences } from '@/contract/cadences';
import { readLists } from '@/contract/lists';
import { addNote } from '@/contract/story';
import { getSettings } from '@/contract/settings';
import * as sample from '@/testing/samples';
import { fakeServer, NEVER, screen, show, waitFor } from '@/testing/screen';

import { useRead, useWrite } from './queries';

/** Shows something of five endpoints, and writes a note. */
function Screen() {
  const params = { id: sample.id(1) };
  const reads = [
    useRead(getPerson, { params }).data?.name,
    useRead(listCadences).data?.cadences.length,
    useRead(readLists).data?.role.length,
    useRead(getSettings).data?.settings.ownerName,
    useRead(peopleFacets).data?.total,
  ];
  const write = useWrite(addNote);
  return (
    <button onClick={() => write.mutate({ params, body: { body: 'so' } })}>
      {reads.filter((read) => read !== undefined).length === 5 ? 'write' : 'reading'}
    </button>
  );
}

const prepared = () =>
  fakeServer()
    .answer(getPerson, sample.sheet())
    .answer(listCadences, { cadences: [] })
    .answer(readLists, sample.lists())
    .answer(getSettings, sample.settings())
    .answer(peopleFacets, { total: 0, warmth: {}, tags: [] })
    .answer(listPeople, { total: 0, near: false, rows: [] });

test('a note reads again only what shows notes', async () => {
  const server = prepared().answer(addNote, {
    actionId: sample.id(2),
    sentence: 'Noted',
    topics: ['notes', 'history'],
  });
  const { user } = show(<Screen />);
  await screen.findByText('write');
  const before = server.asked.length;
  await user.click(screen.getByText('write'));
  await screen.findByText('Noted');
  await waitFor(() => expect(server.asked.length).toBe(before + 2));
  const after = server.asked.slice(before).map(({ method, path }) => `${method} ${path}`);
  expect(after).toEqual([
    `POST /api/people/${sample.id(1)}/notes`,
    `GET /api/people/${sample.id(1)}`,
  ]);
});

test('a first answer that is still on its way while something is written is asked for again', async () => {
  const server = prepared()
    .reply(getSettings, NEVER)
    .answer(addNote, { actionId: sample.id(2), sentence: 'Noted', topics: ['settings'] });
  const { user } = show(<Screen />);
  await screen.findByText('reading');
  await waitFor(() => expect(server.sent(getSettings)).toHaveLength(1));
  server.answer(getSettings, sample.settings());
  await user.click(screen.getByText('reading'));
  await screen.findByText('write');
  expect(server.sent(getSettings)).toHaveLength(2);
});
