import {
  datedBeats,
  isYearly,
  roundLength,
  touchKey,
  type Cadence,
  type DatedBeat,
  type Run,
} from '@/core/cadences';
import { need } from '@/core/need';
import {
  asWished,
  itemKey,
  readKey,
  type ItemContext,
  type PlanItem,
  type PlanPerson,
  type TouchSource,
} from '@/core/planner';
import type { DayNumber } from '@/core/time';
import { expectedHold } from '@/core/touches';

export interface PlanEnrolment {
  id: string;
  cadence: Cadence;
  run: Run;
  /** Nominal day of the latest beat that was made or skipped; beats up to it are settled. */
  settledUntil: DayNumber | null;
  /** Beats up to this day were passed over when it was resumed, those that go by themselves too. */
  skippedUntil?: DayNumber;
  /** Later beats that are settled all the same, because the cadence was changed: `touchKey`s. */
  settled?: ReadonlySet<string>;
}

/** Days that a beat may wait for room before it counts as late. */
export const BEAT_LEEWAY_DAYS = 4;

/** Days after a day of the year on which its beat still makes sense. */
export const YEARLY_LEEWAY_DAYS = 7;

/** The source of the beats of cadences; its asks are the {@link PlanEnrolment}s of a person. */
export const BEAT = 'beat';

export const beatKey = (enrolmentId: string, beatId: string, round: number): string =>
  itemKey(BEAT, enrolmentId, touchKey(beatId, round));

/** Which beat an item is; null for an item of another source. */
export function beatOf(item: Pick<PlanItem, 'key' | 'source' | 'group'>) {
  if (item.source !== BEAT) return null;
  const { enrolmentId, beatId, round } = readBeatKey(item.key);
  return { enrolmentId, beatId, round, cadenceId: need(item.group) };
}

export function readBeatKey(key: string) {
  const { of, part } = readKey(key);
  const [beatId, round] = part.split(':') as [string, string];
  return { enrolmentId: of, beatId, round: Number(round) };
}

/** The enrolments that somebody is planned from. */
export const enrolmentsIn = ({ asks }: Pick<PlanPerson, 'asks'>) =>
  (asks[BEAT] ?? []) as readonly PlanEnrolment[];

/** Somebody with other enrolments. */
export const withEnrolments = (person: PlanPerson, enrolments: readonly PlanEnrolment[]) => ({
  ...person,
  asks: { ...person.asks, [BEAT]: enrolments },
});

/**
 * Beats of an enrolment in the span, whether they ask for a hand or not. A round that follows on
 * begins when the one before has ended: while its last beat is open, not before today.
 */
export function beatsOf(
  enrolment: PlanEnrolment,
  context: ItemContext,
  from: DayNumber = (enrolment.settledUntil ?? enrolment.run.start - 1) + 1,
): DatedBeat[] {
  const { cadence, run, settled } = enrolment;
  const span = { from, to: context.until };
  const delay = cadence.followOn
    ? context.today - (run.start + roundLength(cadence.beats))
    : -Infinity;
  const dated = (rhythm: Cadence, way: Run) => datedBeats(rhythm, way, span, context.calendar);
  const round = run.round ?? 0;
  const beats =
    delay > 0
      ? [
          ...dated({ ...cadence, rounds: round + 1 }, run),
          ...dated(cadence, {
            ...run,
            round: round + 1,
            start: run.start + roundLength(cadence.beats) + delay + cadence.gapDays,
          }),
        ]
      : dated(cadence, run);
  return settled ? beats.filter((d) => !settled.has(touchKey(d.beat.id, d.round))) : beats;
}

/**
 * The day from which a beat is needless: the next one is due, its day of the year is past, or it
 * has lapsed.
 */
export function letGoOf(
  { beat, day, round }: DatedBeat,
  next: DatedBeat | undefined,
  { followOn, lapseDays = Infinity }: Pick<Cadence, 'followOn' | 'lapseDays'>,
): DayNumber {
  const passed = day + (isYearly(beat.timing) ? YEARLY_LEEWAY_DAYS + 1 : lapseDays);
  // A round that follows on waits for the last beat of this one.
  const overtaken = next && !(followOn && next.round > round) ? next.day : Infinity;
  return Math.max(Math.min(overtaken, passed), day + 1);
}

/**
 * The beats of one enrolment that ask for the owner's hand, up to the horizon. Of the beats that
 * have already passed undone only the latest stays; earlier ones were let go when the next came due,
 * so that nothing heaps up. A day of the year is never made up for late.
 */
export function enrolmentItems(
  personId: string,
  enrolment: PlanEnrolment,
  context: ItemContext,
): PlanItem[] {
  const { cadence } = enrolment;
  const beats = beatsOf(enrolment, context).filter(({ beat }) => beat.way === 'hand');
  const firstOpen = Math.max(
    0,
    beats.findLastIndex((beat) => beat.day <= context.today),
  );
  const items: PlanItem[] = [];
  for (let i = firstOpen; i < beats.length; i++) {
    const { beat, round, nominal, day } = need(beats[i]);
    const letGo = letGoOf(need(beats[i]), beats[i + 1], cadence);
    const item: PlanItem = {
      key: beatKey(enrolment.id, beat.id, round),
      source: BEAT,
      personId,
      kind: beat.kind,
      nominal,
      earliest: day,
      wanted: day,
      latest: Math.min(day + BEAT_LEEWAY_DAYS, letGo - 1),
      letGo,
      fixed: false,
      hold: expectedHold(beat.kind, context.holds),
      ...(day === nominal ? {} : { moved: 'day_off' as const }),
      group: cadence.id,
    };
    const placed = asWished(item, context);
    if (placed.letGo > context.today) items.push(placed);
  }
  return items;
}

export const beatSource: TouchSource = {
  name: BEAT,
  items: (personId, asks, context) =>
    (asks as readonly PlanEnrolment[]).flatMap((one) => enrolmentItems(personId, one, context)),
};
