import { DEFAULT_HOLDS } from '@/core/touches';
import { cadence, options, person, today } from '@/testing/plan';

import { plan, triedWords, type PlanPerson } from '.';

const ana = (change: Partial<PlanPerson>) =>
  person('ana', { promiseDays: 30, due: today, ...change });
const first = (one: PlanPerson, change = {}) => plan([one], options(change)).touches[0]!;

test('who does not answer calls is written to instead, and the desk says so', () => {
  const { item } = first(ana({ unanswered: [{ kind: 'call', tries: 3, instead: 'email' }] }));
  expect(item).toMatchObject({ kind: 'email', hold: DEFAULT_HOLDS.email!.sent });
  expect(triedWords(item)).toBe(
    ' No answer to 3 calls. Send an e-mail this time, and ask for the best number.',
  );
});

test('so are the beats of a cadence', () => {
  const enrolments = [
    { id: 'e', cadence: cadence([0]), run: { start: today }, settledUntil: null },
  ];
  const asked = person('ana', {
    enrolments,
    unanswered: [{ kind: 'call', tries: 4, instead: 'text' }],
  });
  expect(first(asked).item).toMatchObject({ source: 'beat', kind: 'text' });
});

test('without another way the number is to be checked', () => {
  const { item } = first(ana({ unanswered: [{ kind: 'call', tries: 5, instead: null }] }));
  expect(item.kind).toBe('call');
  expect(triedWords(item)).toBe(' No answer to 5 calls. Check their number before you try again.');
});

test('after visits the address is to be checked', () => {
  const visits = ana({
    keeperKind: 'visit',
    unanswered: [{ kind: 'visit', tries: 3, instead: null }],
  });
  expect(triedWords(first(visits).item)).toBe(
    ' No answer to 3 visits. Check their address before you try again.',
  );
});

test('what the owner chose stays', () => {
  const one = ana({ unanswered: [{ kind: 'call', tries: 3, instead: 'email' }] });
  const { key } = first(one).item;
  const { item } = first(one, { swaps: new Map([[key, 'call']]) });
  expect([item.kind, triedWords(item)]).toEqual(['call', '']);
});
