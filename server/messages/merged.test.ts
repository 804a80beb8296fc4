import { undoAction } from '@/contract/history';
import { listOutbox } from '@/contract/messages';
import { editPerson, getPerson } from '@/contract/people';
import { mergePeople, takeApart } from '@/contract/same';
import { saveSettings } from '@/contract/settings';
import { messagesSuite } from '@/testing/messages';
import { sphereOf } from '@/testing/sphere';

// What is queued for two people who are merged, and for each of them once that is taken back.

const suite = messagesSuite();
const { add, api, begin, call, ctx, due, evening, rosa, sendAutomatically } = suite;
const { note } = sphereOf(api);

const THUY = 'Thinking of you, {{ first_name }}';

/** Rosa, who may be written to, and Thuy, who was not asked yet and has a message that is held. */
async function two() {
  const mail = await begin();
  await call(saveSettings, { body: { autoNeedsYes: true } });
  const keep = await rosa();
  const gone = await add({ givenName: 'Thuy', email: 'thuy@example.com' });
  await sendAutomatically([gone], THUY);
  return { mail, keep, gone };
}

const queued = () =>
  ctx().db.query<{ person_id: string; state: string; addresses: string[] }>(
    'select person_id, state, addresses from delivery',
  );

test.each(['undone', 'taken apart'])(
  'a merge that is %s sends nothing to the wrong person',
  async (how) => {
    const { mail, keep, gone } = await two();
    const held = { person_id: gone, state: 'held', addresses: ['thuy@example.com'] };
    const { actionId } = await call(mergePeople, {
      body: { keepId: keep, goneId: gone, take: [] },
    });
    await due();
    const [merged] = await queued();
    expect(merged).toMatchObject({ person_id: keep, state: 'ready' });
    if (how === 'undone') await call(undoAction, { params: { id: actionId } });
    else {
      await note(keep, 'after the merge');
      await call(takeApart, { body: { goneId: gone } });
    }
    expect(await queued()).toEqual([held]);
    await evening();
    expect(mail.arrived).toEqual([]);
  },
);

test('an address that is corrected is the one that a queued message goes to', async () => {
  const mail = await begin();
  const id = await rosa();
  await sendAutomatically([id]);
  const { version } = await call(getPerson, { params: { id } });
  await call(editPerson, {
    params: { id },
    body: { version, emails: [{ label: '', value: 'rosa.lind@example.com' }] },
  });
  expect((await call(listOutbox)).goingTotal).toBe(1);
  await evening();
  expect(mail.arrived.map(({ to }) => to)).toEqual([['rosa.lind@example.com']]);
});
