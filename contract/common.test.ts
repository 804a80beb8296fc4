import { call } from './call';
import type { CircleId, PersonId } from './common';
import { getPerson } from './people';
import { joinHousehold } from './story';

/**
 * An id of one kind does not fit where another one is wanted. The compiler checks it: a line that it
 * let through would make the type check fail.
 */
export const FAULTS = (circle: CircleId) => [
  // @ts-expect-error
  () => call(getPerson, { params: { id: circle } }),
  // @ts-expect-error
  () => call(joinHousehold, { params: { id: 'p' }, body: { withId: circle } }),
  // @ts-expect-error
  (): PersonId => circle,
];

test('what was read from somewhere is taken for an id, and looked at when it arrives', () => {
  const id = '0190a000-0000-7000-8000-000000000001';
  expect(joinHousehold.body.parse({ withId: id })).toEqual({ withId: id });
  expect(joinHousehold.body.safeParse({ withId: 'nobody' }).success).toBe(false);
});
