import { changeMany, previewMany } from '@/contract/many';
import { editPerson } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());
const { add, sheet } = sphereOf(() => api);

const edit = async (id: string, change: object) =>
  api.call(editPerson, { params: { id }, body: { version: (await sheet(id)).version, ...change } });

describe('many at once', () => {
  test('the preview says whom it would change and who stays as they are, and why', async () => {
    const ids = await Promise.all(
      ['P', 'Q', 'R'].map((givenName) => add({ givenName, tags: ['trio'] })),
    );
    await edit(ids[0]!, { consent: { email: { answer: 'no', on: '2026-05-04', cameFrom: '' } } });
    const who = { filter: { tags: ['trio'] } };
    const answer = { do: 'consent' as const, channel: 'email' as const, answer: 'yes' as const };
    const refusal = await api.refusal(changeMany, { body: { who, change: answer } });
    expect(refusal).toMatchObject({ code: 'invalid', message: 'Say where it came from.' });
    const change = { ...answer, cameFrom: 'the fair' };
    const preview = await api.call(previewMany, { body: { who, change } });
    expect(preview).toMatchObject({
      meant: 3,
      changed: 2,
      rest: [
        { people: 1, names: ['P'], why: 'said no to e-mail; a no is changed on their own sheet' },
      ],
    });
    const done = await api.call(changeMany, { body: { who, change } });
    expect(done.people).toBe(2);
    expect((await sheet(ids[0]!)).fields.consent.email?.answer).toBe('no');
    expect((await sheet(ids[1]!)).fields.consent.email).toMatchObject({
      answer: 'yes',
      on: '2026-11-23',
    });
    await api.call(undoAction, { params: { id: done.actionId } });
    expect((await sheet(ids[1]!)).fields.consent).toEqual({});
  });

  test.each([
    [{ do: 'addRole', role: 'Neighbor' }, { roles: ['Neighbor'] }],
    [{ do: 'standing', standing: 'Settled' }, { standing: 'Settled' }],
    [{ do: 'source', source: 'the regatta' }, { source: 'the regatta' }],
  ] as const)('%j', async (change, fields) => {
    const id = await add({ givenName: 'Changed', tags: [change.do] });
    const who = { filter: { tags: [change.do] } };
    const preview = await api.call(previewMany, { body: { who, change } });
    expect(preview).toMatchObject({ meant: 1, changed: 1, rest: [] });
    const { actionId } = await api.call(changeMany, { body: { who, change } });
    expect((await sheet(id)).fields).toMatchObject(fields);
    expect(await api.call(previewMany, { body: { who, change } })).toMatchObject({ changed: 0 });
    await api.call(undoAction, { params: { id: actionId } });
    expect((await sheet(id)).version).toBe(1);
  });
});
