import { MINUTES, outcomesOf, TOUCH_KINDS, type Outcome, type TouchKind } from './kinds';
import { DEFAULT_HOLDS, type HoldTable } from './promise';

/** What a kind of touch takes, costs and keeps; the owner can change each. */
export interface KindSetup {
  /** Minutes that one takes. */
  minutes: number;
  /** What one costs, in minor units of the owner's currency. */
  costMinor: number;
  /** At most so many on one day; null for no limit. */
  perDay: number | null;
  /** The share of the promise that one keeps, 0 to 1, by outcome. */
  holds: Partial<Record<Outcome, number>>;
}

export type KindChanges = Partial<Record<TouchKind, Partial<KindSetup>>>;

/** Card and stamp, letter and stamp, something small (common practice, no source). */
const COSTS_MINOR: Partial<Record<TouchKind, number>> = { card: 300, letter: 150, gift: 2500 };

/** Every kind as it comes, with the owner's changes. */
export function kindSetups(changes: KindChanges = {}): Record<TouchKind, KindSetup> {
  const setup = (kind: TouchKind): KindSetup => ({
    minutes: MINUTES[kind],
    costMinor: COSTS_MINOR[kind] ?? 0,
    perDay: null,
    ...changes[kind],
    holds: { ...DEFAULT_HOLDS[kind], ...changes[kind]?.holds },
  });
  return Object.fromEntries(TOUCH_KINDS.map((kind) => [kind, setup(kind)])) as Record<
    TouchKind,
    KindSetup
  >;
}

/** One part of all setups, such as the minutes of each kind. */
export const ofKinds = <T>(
  setups: Record<TouchKind, KindSetup>,
  part: (setup: KindSetup) => T,
): Record<TouchKind, T> =>
  Object.fromEntries(TOUCH_KINDS.map((kind) => [kind, part(setups[kind])])) as Record<TouchKind, T>;

export const holdsOf = (setups: Record<TouchKind, KindSetup>): HoldTable =>
  ofKinds(setups, ({ holds }) => holds);

/** Holds that can be given: those of outcomes that the kind has and that reach somebody. */
export const holdOutcomes = (kind: TouchKind): Outcome[] =>
  outcomesOf(kind).filter((outcome) => DEFAULT_HOLDS[kind][outcome] !== undefined);
