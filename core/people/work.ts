import { daysBetween, type PlainDate } from '@/core/time';

import { fold } from './names';

/** Work is of one kind when it is called the same, however it is spaced and accented. */
export const workKind = (name: string): string => fold(name).trim().replace(/\s+/g, ' ');

/** Work completed longer ago begins nothing, and asks nothing: it was told late. */
export const WORK_FRESH_DAYS = 30;

export const isFreshWork = (completedOn: PlainDate | null, today: PlainDate): boolean =>
  completedOn !== null && daysBetween(completedOn, today) <= WORK_FRESH_DAYS;
