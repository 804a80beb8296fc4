import { undoAction } from '@/contract/history';
import { listSent, listOutbox } from '@/contract/messages';
import { addPerson, erasePerson } from '@/contract/people';
import { mergePeople } from '@/contract/same';
import { messagesSuite, YES } from '@/testing/messages';

const { call, refusal, ctx, begin, rosa, sendAutomatically, write } = messagesSuite();

test('adding somebody can’t be undone under a message that waits for them', async () => {
  const body = { givenName: 'Ana', email: 'ana@example.com', consent: YES };
  const { id, actionId } = await call(addPerson, { body });
  await sendAutomatically([id]);
  expect((await call(listOutbox)).waitingTotal).toBe(1);
  expect(await refusal(undoAction, { params: { id: actionId } })).toMatchObject({
    code: 'conflict',
    message: 'Something newer builds on this. Undo that first.',
  });
});

test('of two who are one the messages go along; of somebody erased nothing stays', async () => {
  await begin();
  const [keepId, goneId] = [await rosa(), await rosa({ email: 'r@example.com' })];
  await write(goneId);
  await call(mergePeople, { body: { keepId, goneId, take: [] } });
  expect((await call(listSent, { query: { personId: keepId } })).messages).toHaveLength(1);
  await call(erasePerson, { params: { id: keepId }, body: { name: 'Rosa Lind' } });
  expect(await ctx().db.query('select 1 from delivery')).toEqual([]);
});
