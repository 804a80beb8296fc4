import type { LogTouch } from '@/contract/touches';
import type { PlainDate } from '@/core/time';
import type { TouchKind } from '@/core/touches';

/** A touch as it is being logged, with what may go in with it. */
export interface Log {
  kind: TouchKind;
  outcome: LogTouch['outcome'] | null;
  on: PlainDate;
  note: string;
  tags: string;
  /** A date that was learnt; `greet` is null until something is chosen, see `greetOf`. */
  date: { name: string; on: PlainDate | null; greet: TouchKind | '' | null };
  followUp: { on: PlainDate | null; words: string };
}
