import type { Context } from '../context';
import type { Sql } from '../db';
import { slot } from '../house';
import type { Task } from './table';

/** What came of a run, in words that the owner can read. */
export type Ran =
  | { state: 'done' | 'failed'; words: string }
  /** Tried again after a wait. */
  | { state: 'again'; words: string; waitMs: number };

interface Common {
  kind: string;
  /** Runs after which it is given up; 5 when left out. */
  most?: number;
  /** For how long nothing need be heard of it; 10 minutes when left out. */
  leaseMs?: number;
}

/** Writes only to the database: the writes and the outcome are one transaction, so it is done once. */
interface Within extends Common {
  within(ctx: Context, tx: Sql, task: Task): Promise<string>;
}

/**
 * Does something outside, or very much: it can be run a second time after a crash, so every part of
 * it must be idempotent or carry the task's key.
 */
interface Outside extends Common {
  run(ctx: Context, task: Task): Promise<Ran>;
}

/** Does the tasks of one kind. */
export type TaskHandler = Within | Outside;

export const HANDLERS = slot<TaskHandler>('handlers');

/** Something that is done again and again: once a day, under a key that holds the day. */
export interface Recurring {
  name: string;
  /** Also a while after something was written, when it was done today already. */
  afterWrites?: boolean;
  run(ctx: Context): Promise<string>;
}

export const RECURRING = slot<Recurring>('recurring');
