import { addPerson } from '@/contract/people';
import { addNote } from '@/contract/story';
import { startTestApi, type TestApi } from '@/testing/api';

import type { Plans } from '../context';
import { SUBJECTS } from '../subjects';
import { findTask, runDue } from '../tasks';
import { REACTIONS } from '.';

let api: TestApi;
let told: Plans[];
let fails: boolean;
beforeEach(async () => {
  [told, fails] = [[], false];
  const counting = {
    name: 'counting',
    provides: [
      REACTIONS({
        name: 'count people',
        to: ['people'],
        run: async (_, people) => {
          if (fails) throw new Error('not now');
          told.push(people);
        },
      }),
    ],
  };
  api = await startTestApi({ subjects: [...SUBJECTS, counting] });
});
afterEach(() => api.close());

test('it runs after what it reacts to, and is told whom that was about', async () => {
  const { id } = await api.call(addPerson, { body: { givenName: 'Ana', phone: '555-0101' } });
  expect(told).toEqual([[id]]);
  await api.call(addNote, { params: { id }, body: { body: 'met' } });
  expect(told).toHaveLength(1);
});

test('one that fails loses nothing: the write stands, and it is run again', async () => {
  fails = true;
  const { id } = await api.call(addPerson, { body: { givenName: 'Bo', phone: '555-0102' } });
  expect(await api.ctx.db.query('select 1 from person where id = $1::uuid', [id])).toHaveLength(1);
  expect(await findTask(api.ctx.db, 'react:count people')).toMatchObject({ state: 'ready' });
  fails = false;
  await runDue(api.ctx);
  expect(told).toEqual(['everybody']);
  expect(await findTask(api.ctx.db, 'react:count people')).toMatchObject({
    state: 'done',
    outcome: 'Done after all.',
  });
});
