import { greetingSource } from './almanac';
import { beatSource } from './enrolments';
import { followUpSource } from './follow-ups';
import type { TouchSource } from './planner';

/** Everything that puts touches on the desk, one line each; the keeper of promises is the planner's own. */
export const SOURCES: readonly TouchSource[] = [beatSource, followUpSource, greetingSource];
