import type { PlanItem, PlannedTouch, PlanPerson, TouchSource as CoreSource } from '@/core/planner';
import type { MergeValues } from '@/core/templates';
import type { DayNumber, PlainDate } from '@/core/time';

import type { Context } from '../context';
import type { Sql } from '../db';
import { slot } from '../house';
import type { OwnerSettings } from '../settings';

/** What a source asks for of people, and what it looks up to say words from. */
export interface SourceRead<Lookup> {
  /** By person: plain values, which core's source of the same name makes items of. */
  asks: Map<string, unknown>;
  lookup: Lookup;
}

/** What became of a planned touch when the owner settled it. */
export interface Settled {
  touch: PlannedTouch;
  person: PlanPerson;
  /** The day on which it was really made, or let go. */
  on: DayNumber;
  /** Whether it was made, rather than let go. */
  made: boolean;
  /** The touch by which it was made; null where it was let go. */
  touchId: string | null;
  /** The owner's today. */
  today: DayNumber;
  calendar: Parameters<CoreSource['items']>[2]['calendar'];
}

/**
 * The server's side of a touch source: which asks are on record, and what is said of its touches.
 * The planner knows each by this alone, and its items by core's source of the same name.
 */
export interface TouchSource<Lookup = unknown> {
  core: CoreSource;
  /**
   * Reads what it asks for of everybody, or of `ids`. Then `before` is what it lookup, to which what
   * these people need is added.
   */
  read(
    ctx: Context,
    ids: readonly string[] | null,
    settings: OwnerSettings,
    before: Lookup | null,
  ): Promise<SourceRead<Lookup>>;
  /** Why a touch of it is planned, in one sentence. */
  why(touch: PlannedTouch, lookup: Lookup, today: PlainDate): string;
  /** The words to use, filled in for the person; empty where there are none. */
  words(touch: PlannedTouch, lookup: Lookup, values: MergeValues): string;
  /** The template that the words are of, and which of its wordings; null where they are its own. */
  template?(touch: PlannedTouch, lookup: Lookup): { id: string; wordingId: string } | null;
  /** What its items belong together by, in words: the name of the cadence. */
  groupName?(touch: Pick<PlannedTouch, 'item'>, lookup: Lookup): string;
  /** What a mark of its items refers to besides their key, where rows of other tables depend on it. */
  marks?(item: PlanItem): { enrolmentId: string; plannedOn: PlainDate };
  /** Called within the action that made one or let it go. */
  settled?(ctx: Context, tx: Sql, settled: Settled): Promise<void>;
}

export const TOUCH_SOURCES = slot<TouchSource>('touch sources');

/** Declares a touch source; the planner hands back to it only what it lookup itself. */
export const touchSource = <Lookup>(source: TouchSource<Lookup>) =>
  TOUCH_SOURCES(source as TouchSource<unknown>);
