import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { getMessage, listBack, listGone, listOut, lookNow, moveMessage } from '@/contract/messages';
import { getPerson } from '@/contract/people';
import { getDesk } from '@/contract/touches';
import { runDue } from '@/server/tasks';
import type { MailStandIn, Rules } from '@/standins';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';
import { withMail } from '@/testing/carriers';
import { sphereOf } from '@/testing/sphere';

const YES = { email: { answer: 'yes' as const, on: '2026-05-04', cameFrom: 'at the fair' } };

let api: TestApi;
let mail: MailStandIn | null;
beforeEach(async () => {
  mail = null;
  shift = 0;
  // Half past eight on November 23 in Port Ellery.
  const start = Date.parse('2026-11-23T16:30:00Z');
  const began = performance.now();
  api = await startTestApi({ now: () => start + shift + Math.floor(performance.now() - began) });
});
afterEach(async () => {
  await mail?.close();
  await api.close();
});
let shift: number;
const later = (hours: number) => (shift += hours * 3_600_000);
const { add, sheet } = sphereOf(() => api);

const rosa = (change: object = {}) =>
  add({
    givenName: 'Rosa',
    familyName: 'Lind',
    email: 'rosa@example.com',
    consent: YES,
    ...change,
  });

/** A beat that goes out by itself today, and whoever is on it. */
async function byItself(ids: readonly string[], words = 'How is the garden, {{ first_name }}?') {
  const { id } = await api.call(createCadence, {
    body: {
      name: 'By itself',
      rounds: 1,
      gapDays: 0,
      beats: [beat(0, 'email', words, { way: 'auto' })],
    },
  });
  await api.call(enrol, {
    body: { cadenceId: id, who: { ids: [...ids] }, startOn: '2026-11-23', leaveOut: [] },
  });
  await runDue(api.ctx);
}
/** So late that what goes today has gone. */
async function evening() {
  later(9);
  await runDue(api.ctx);
}

const begin = async (rules: Rules = {}) => (mail = await withMail(api, rules));

test('a beat by itself goes out once, is in the story, and its answer is a touch', async () => {
  const { arrived } = await begin({
    fate: () => ({ as: 'answered', words: 'The quince is out!' }),
  });
  await api.call(lookNow);
  const id = await rosa();
  await byItself([id]);
  expect((await api.call(listOut)).going).toMatchObject([
    { name: 'Rosa Lind', kind: 'email', state: 'ready', cadence: 'By itself' },
  ]);
  await evening();
  await runDue(api.ctx);
  expect(arrived).toHaveLength(1);
  expect(arrived[0]).toMatchObject({ to: ['rosa@example.com'] });
  expect(arrived[0]!.mail.text).toContain('How is the garden, Rosa?');
  const { messages } = await api.call(listGone);
  expect(messages).toMatchObject([
    { state: 'gone', fate: '', subject: 'How is the garden, Rosa?' },
  ]);
  expect((await sheet(id)).touches).toMatchObject([{ kind: 'email', outcome: 'sent' }]);
  await api.call(lookNow);
  await api.call(lookNow);
  const after = await sheet(id);
  expect(after.touches.map(({ outcome }) => outcome)).toEqual(['reached', 'sent']);
  expect(after.events.map(({ words }) => words)).toEqual(
    expect.arrayContaining(['They wrote: The quince is out!']),
  );
  expect(await api.call(getMessage, { params: { id: messages[0]!.id } })).toMatchObject({
    fate: 'answered',
    words: 'How is the garden, Rosa?',
    events: [{ kind: 'answered' }],
  });
});
