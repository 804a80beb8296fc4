import type { Cadence } from '@/core/cadences';
import { BEAT } from '@/core/enrolments';
import { plan, type PlannedTouch, type PlanOptions, type PlanPerson } from '@/core/planner';
import { keeperLead, keeperMargin } from '@/core/planner/items';
import { SOURCES } from '@/core/sources';
import { DEFAULT_HOLDS, MINUTES } from '@/core/touches';

import { isWorked, type Asked, type Soul, type World } from './world';

/** A call, a word online and a text, a month apart, without end. */
export const THREE_WAYS: Cadence = {
  id: 'c',
  name: 'Once a quarter, three ways',
  rounds: null,
  gapDays: 30,
  followOn: false,
  handOver: null,
  beats: [0, 30, 60].map((days, i) => ({
    id: `b${i}`,
    timing: { on: 'after', days },
    kind: (['call', 'social', 'text'] as const)[i]!,
    wordings: [],
    dayRule: 'next',
    way: 'hand',
  })),
};

const toPlan = ({ id, promise, until, last, home, circle, ...soul }: Soul): PlanPerson => ({
  id,
  promiseDays: promise,
  due: until,
  lastOn: last,
  householdId: home,
  weight: circle,
  keeperKind: 'call',
  asks:
    soul.cadenceFrom === null
      ? {}
      : {
          [BEAT]: [
            {
              id: `e${id}`,
              cadence: THREE_WAYS,
              run: { start: soul.cadenceFrom },
              settledUntil: soul.settledUntil,
            },
          ],
        },
});

const optionsOf = ({ today, owner, daysOff, later }: World, days = 28): PlanOptions => ({
  today,
  days,
  calendar: { workingDays: [1, 2, 3, 4, 5], daysOff },
  capacity: owner.capacity,
  limits: {
    minutesPerDay: owner.minutes,
    minutes: MINUTES,
    perKind: owner.callsADay === null ? {} : { call: owner.callsADay },
  },
  made: {},
  vacated: 0,
  minDistanceDays: owner.distance,
  holds: DEFAULT_HOLDS,
  putOffs: later,
  pinned: [],
  sources: SOURCES,
});

/** Today's desk as the planner lays it out, with what it is told of each touch. */
export const plannedDesk =
  (seen: (touch: PlannedTouch, world: World) => void = () => {}) =>
  (world: World): Asked[] =>
    plan(world.souls.map(toPlan), optionsOf(world))
      .touches.filter(({ day }) => day === world.today)
      .map((touch) => {
        seen(touch, world);
        const { item } = touch;
        return {
          key: item.key,
          person: item.personId,
          kind: item.kind,
          nominal: item.source === BEAT ? item.nominal : null,
          fixed: item.fixed,
        };
      });

type Order = (a: Soul, b: Soul) => number;

/** Calls in a strict order, for what the planner may call as early: nothing is weighed against another. */
const strictly =
  (order: (world: World) => Order) =>
  (world: World): Asked[] => {
    const { today, owner, later, souls } = world;
    return souls
      .filter(({ id, promise, until, last }) => {
        if (last !== null && today - last < owner.distance) return false;
        if ((later.get(`call ${id}`) ?? 0) > today) return false;
        let wanted = until - keeperMargin(promise);
        while (!isWorked(world, wanted)) wanted -= 1;
        return wanted - keeperLead(promise) <= today;
      })
      .sort(order(world))
      .slice(0, owner.capacity)
      .map(({ id }) => ({
        key: `call ${id}`,
        person: id,
        kind: 'call' as const,
        nominal: null,
        fixed: false,
      }));
  };

const byDay: Order = (a, b) => a.until - b.until || (a.id < b.id ? -1 : 1);

/** What an owner without a plan may do instead. */
export const STRICT_ORDERS = {
  'earliest deadline': strictly(() => byDay),
  'inner circle first': strictly(() => (a, b) => a.circle - b.circle || byDay(a, b)),
  'at random': strictly(({ chance, souls }) => {
    const lot = new Map(souls.map(({ id }) => [id, chance()]));
    return (a, b) => lot.get(a.id)! - lot.get(b.id)!;
  }),
};
