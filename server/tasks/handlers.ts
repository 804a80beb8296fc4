import type { Context } from '../context';
import type { Sql } from '../db';
import { slot } from '../house';
import type { Task } from './table';

/** The result of a run; `outcome` is a sentence for the owner. */
export type TaskResult =
  | { state: 'done' | 'failed'; outcome: string }
  /** It went well and comes again after a wait. */
  | { state: 'again'; outcome: string; waitMs: number }
  /** It failed and is tried again, after `waitMs` or a wait that grows with each failure. */
  | { state: 'retry'; outcome: string; waitMs?: number };

interface Common<P> {
  kind: string;
  /** Reads the payload as it was stored; throws on one that can't be read. Left out, there is none. */
  payload?: (stored: unknown) => P;
  /** Failures in a row after which it is given up; 5 when left out, null for never. */
  maxFailures?: number | null;
  /** How long a run may take before it counts as lost; 10 minutes when left out. */
  leaseMs?: number;
}

/** Writes only to the database: its writes and its outcome are one transaction, so it is done once. */
interface Within<P> extends Common<P> {
  within(ctx: Context, tx: Sql, task: Task<P>): Promise<string>;
}

/**
 * Does something outside, or a lot: it may run a second time after a crash, so every part of it must
 * be idempotent or carry the task's key.
 */
interface Outside<P> extends Common<P> {
  run(ctx: Context, task: Task<P>): Promise<TaskResult>;
}

/** Does the tasks of one kind. */
export type TaskHandler<P = unknown> = Within<P> | Outside<P>;

/** What runs the tasks of a kind. */
export const HANDLERS = slot<TaskHandler>('handlers');

/** Declares a handler whose payload has a type of its own. */
export const handles = <P>(handler: TaskHandler<P>) => HANDLERS(handler as TaskHandler);

/** Something done again and again: once a day, under a key that contains the day. */
export interface Recurring {
  name: string;
  /** Also a while after something was written, even if it already ran today. */
  afterWrites?: boolean;
  run(ctx: Context): Promise<string>;
}

/** Tasks that run again and again. */
export const RECURRING = slot<Recurring>('recurring');
