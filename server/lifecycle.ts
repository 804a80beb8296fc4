import type { Router } from 'express';

import type { Context } from './context';
import { slot } from './house';

/** What a subject does when Pen Pal starts, before anything is served; in the order of the subjects. */
export interface StartupStep {
  name: string;
  /** Returns what was found, in words for the log; null for nothing worth telling. */
  run(ctx: Context): Promise<string | null>;
}

/** What a subject does when Pen Pal starts, before anybody is answered. */
export const STARTUP = slot<StartupStep>('start-up steps');

/** What is wrong with what subjects declare, in sentences; Pen Pal does not start with any. */
export const DECLARATION_FAULTS = slot<(ctx: Context) => Promise<string[]>>('declaration faults');

/** What a subject lets go of when Pen Pal ends, once nothing is under way any more. */
export const SHUTDOWN = slot<(ctx: Context) => Promise<void>>('shut-down steps');

/** A small stand-in for services outside, as it runs beside the demo. */
export interface StandIn {
  /** Served at /standins; asks whoever calls it for a key of its own. */
  keyed?: Router;
  /** Served at /standins to whoever is signed in. */
  shown?: Router;
  /** Where it listens besides, by protocol. */
  ports?: Readonly<Record<string, number>>;
  close?(): Promise<void>;
}

/** Starts a subject's stand-in for services outside; only in the demo, whose port it is given (0 for any). */
export const STAND_INS = slot<(ctx: Context, port: number) => Promise<StandIn>>('stand-ins');
