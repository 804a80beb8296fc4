import { insteadOf, TOUCH_KINDS } from '.';

test.each(TOUCH_KINDS)('instead of a %s come all other kinds, each once', (kind) => {
  const others = insteadOf(kind);
  expect(others.toSorted()).toEqual(TOUCH_KINDS.filter((one) => one !== kind).toSorted());
});

test('what is closest comes first', () => {
  expect(insteadOf('call').slice(0, 2)).toEqual(['text', 'email']);
  expect(insteadOf('card').slice(0, 2)).toEqual(['letter', 'email']);
});
