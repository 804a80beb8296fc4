/**
 * What an answer of the API is about. A write says which of these it touched, a reading endpoint
 * which of these it shows; a screen reads again what both name.
 */
export const TOPICS = [
  'people',
  'notes',
  'touches',
  'plan',
  'cadences',
  'enrolments',
  'almanac',
  'lists',
  'views',
  'settings',
  'services',
  'carriers',
  'templates',
  'messages',
  'intake',
  'imports',
  'gaps',
  'access',
  'upkeep',
  'history',
] as const;
/** What screens and plans watch for changes: a kind of data that a write touches. */
export type Topic = (typeof TOPICS)[number];
