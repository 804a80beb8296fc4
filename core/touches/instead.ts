import { TOUCH_KINDS, type TouchKind } from './kinds';

/**
 * Other ways to do what a touch of a kind is meant for, the closest to it first (common practice, no
 * source): talk for talk, writing for writing.
 */
const CLOSEST: Readonly<Record<TouchKind, readonly TouchKind[]>> = {
  call: ['text', 'email', 'visit'],
  text: ['email', 'call', 'social'],
  email: ['text', 'call', 'letter'],
  card: ['letter', 'email', 'text'],
  letter: ['card', 'email', 'call'],
  social: ['text', 'email', 'call'],
  visit: ['call', 'text', 'email'],
  gift: ['card', 'call', 'visit'],
  other: ['call', 'email', 'text'],
};

/** All other kinds, the likeliest first. */
export const insteadOf = (kind: TouchKind): TouchKind[] => [
  ...new Set([...CLOSEST[kind], ...TOUCH_KINDS].filter((other) => other !== kind)),
];
