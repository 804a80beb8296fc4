import type { Errand } from '@/core/cadences';
import type { PlainDate } from '@/core/time';

import type { Context } from './context';
import type { Sql } from './db';
import { slot } from './house';

/** An errand of a cadence that has come due for a person. */
export interface DueErrand {
  personId: string;
  /** Of enrolment, beat and round: the same errand is run once. */
  key: string;
  errand: Errand;
  /** The name of the cadence. */
  cadence: string;
  on: PlainDate;
  /** Its words filled in, or as written with what keeps them from it; null for somebody who is gone. */
  words(): Promise<{ text: string; fault: string | null } | null>;
}

/** Runs the errands of one kind, within the transaction of the day that brings them. */
export interface ErrandRunner {
  to: Errand['to'];
  run(ctx: Context, tx: Sql, due: DueErrand): Promise<void>;
}

/** What a subject does for beats that reach nobody but have something done. */
export const ERRANDS = slot<ErrandRunner>('errands');
