import { call } from './call';
import type { CircleId, PersonId } from './common';
import { getPerson } from './people';
import { joinHousehold } from './story';

test('an id of one kind does not fit where another one is wanted', () => {
  // Checked by the compiler: each of these lines would be a fault in the program.
  const circle = 'c' as CircleId;
  const faults = [
    // @ts-expect-error
    () => call(getPerson, { params: { id: circle } }),
    // @ts-expect-error
    () => call(joinHousehold, { params: { id: 'p' }, body: { withId: circle } }),
    // @ts-expect-error
    (): PersonId => circle,
  ];
  expect(faults).toHaveLength(3);
  // A text that was read from somewhere is taken, and looked at when it arrives.
  expect(joinHousehold.body.safeParse({ withId: 'nobody' }).success).toBe(false);
});
