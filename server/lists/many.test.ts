import { undoAction } from '@/contract/history';
import { runImport } from '@/contract/imports';
import { changeEntry, mergeEntries, readLists } from '@/contract/lists';
import { addPerson, countPeople } from '@/contract/people';
import { base64, startTestApi, type TestApi } from '@/testing/api';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());

const MANY = 250;
const withRole = async (role: string) =>
  (
    await api.call(countPeople, {
      body: {
        filter: { rules: { match: 'all', of: [{ field: 'role', test: 'anyOf', values: [role] }] } },
      },
    })
  ).total;
const entry = async (name: string) =>
  (await api.call(readLists)).role.find((one) => one.name === name);

test('what many have is renamed and merged part by part, and undone whole', async () => {
  const rows = Array.from({ length: MANY }, (_, i) => `Given${i},p${i}@example.com,Scout`);
  const content = base64(['First name,E-mail,Roles', ...rows].join('\n'));
  await api.call(runImport, {
    body: { fileName: 'many.csv', content, mapping: null, circleId: null, tag: null },
  });
  expect(await withRole('Scout')).toBe(MANY);
  const params = { list: 'role' as const, id: (await entry('Scout'))!.id };
  const renamed = await api.call(changeEntry, { params, body: { name: 'Finder' } });
  expect(renamed).toMatchObject({
    people: MANY,
    sentence: `Renamed Scout to Finder for ${MANY} people`,
  });
  expect([await withRole('Scout'), await withRole('Finder')]).toEqual([0, MANY]);

  await api.call(addPerson, { body: { givenName: 'Ana', roles: ['Guide', 'Finder'] } });
  const guide = (await entry('Guide'))!.id;
  const { actionId } = await api.call(mergeEntries, { params, body: { into: guide } });
  expect([await entry('Finder'), await withRole('Guide')]).toEqual([undefined, MANY + 1]);
  await api.call(undoAction, { params: { id: actionId } });
  expect([await withRole('Finder'), await withRole('Guide')]).toEqual([MANY + 1, 1]);
});
