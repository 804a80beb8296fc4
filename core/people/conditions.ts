import type { OwnField, OwnType } from './record';

/** How a field is asked about; decides which tests it can be put to. */
export type FieldType =
  | 'text'
  | 'choice'
  | 'many'
  | 'number'
  | 'money'
  | 'date'
  | 'yearly'
  | 'flag'
  | 'consent'
  | 'enrolment'
  | 'batch'
  | 'distance';

export const TESTS = [
  'contains',
  'is',
  'starts',
  'letters',
  'anyOf',
  'allOf',
  'noneOf',
  'atLeast',
  'atMost',
  'between',
  'on',
  'before',
  'after',
  'inLast',
  'notInLast',
  'inNext',
  'month',
  'yes',
  'no',
  'notAsked',
  'empty',
  'filled',
  'within',
] as const;
export type Test = (typeof TESTS)[number];

export const TESTS_OF: Record<FieldType, readonly Test[]> = {
  text: ['contains', 'is', 'starts', 'letters', 'filled', 'empty'],
  choice: ['anyOf', 'noneOf', 'filled', 'empty'],
  many: ['anyOf', 'allOf', 'noneOf', 'filled', 'empty'],
  number: ['atLeast', 'atMost', 'between', 'filled', 'empty'],
  money: ['atLeast', 'atMost', 'between', 'filled', 'empty'],
  date: ['inLast', 'notInLast', 'inNext', 'on', 'before', 'after', 'between', 'filled', 'empty'],
  yearly: ['inNext', 'month', 'filled', 'empty'],
  flag: ['yes', 'no'],
  consent: ['yes', 'no', 'notAsked'],
  enrolment: ['anyOf', 'noneOf', 'filled', 'empty'],
  batch: ['anyOf', 'noneOf', 'filled', 'empty'],
  distance: ['within', 'filled', 'empty'],
};

export const TEST_WORDS: Record<Test, string> = {
  contains: 'contains',
  is: 'is exactly',
  starts: 'begins with',
  letters: 'begins with a letter from',
  anyOf: 'is one of',
  allOf: 'has all of',
  noneOf: 'is none of',
  atLeast: 'at least',
  atMost: 'at most',
  between: 'between',
  on: 'on the day',
  before: 'before',
  after: 'after',
  inLast: 'in the last',
  notInLast: 'not in the last',
  inNext: 'in the next',
  month: 'in the month',
  yes: 'yes',
  no: 'no',
  notAsked: 'not asked',
  empty: 'is not known',
  filled: 'is known',
  within: 'within',
};

/** How many values a test takes; null for any number from one on. */
export const VALUES_OF: Record<Test, number | null> = {
  contains: 1,
  is: 1,
  starts: 1,
  letters: 2,
  anyOf: null,
  allOf: null,
  noneOf: null,
  atLeast: 1,
  atMost: 1,
  between: 2,
  on: 1,
  before: 1,
  after: 1,
  inLast: 1,
  notInLast: 1,
  inNext: 1,
  month: 1,
  yes: 0,
  no: 0,
  notAsked: 0,
  empty: 0,
  filled: 0,
  // Kilometres, latitude, longitude.
  within: 3,
};

/** What a filter can ask about, in the order in which it is offered. */
export const FIELDS = {
  name: { label: 'Name', type: 'text' },
  familyName: { label: 'Last name', type: 'text' },
  givenName: { label: 'First name', type: 'text' },
  company: { label: 'Company', type: 'text' },
  jobTitle: { label: 'Work', type: 'text' },
  note: { label: 'Notes', type: 'text' },
  noteTag: { label: 'Tags in notes', type: 'text' },
  tag: { label: 'Tags', type: 'many' },
  role: { label: 'Roles', type: 'many' },
  interest: { label: 'Interests', type: 'many' },
  circle: { label: 'Circle', type: 'choice' },
  warmth: { label: 'Warmth', type: 'choice' },
  standing: { label: 'Standing', type: 'choice' },
  source: { label: 'Came from', type: 'choice' },
  cadence: { label: 'Cadence', type: 'enrolment' },
  cadenceRunning: { label: 'Cadence that runs', type: 'enrolment' },
  cadencePaused: { label: 'Cadence that is paused', type: 'enrolment' },
  cadenceFinished: { label: 'Cadence that is finished', type: 'enrolment' },
  cadenceStopped: { label: 'Cadence they were taken off', type: 'enrolment' },
  cadenceRunningOn: { label: 'Cadence begun', type: 'date' },
  cadencePausedOn: { label: 'Cadence paused', type: 'date' },
  cadenceFinishedOn: { label: 'Cadence finished', type: 'date' },
  cadenceStoppedOn: { label: 'Taken off a cadence', type: 'date' },
  lastTouch: { label: 'Last personal touch', type: 'date' },
  slack: { label: 'Days left of the promise', type: 'number' },
  added: { label: 'Added', type: 'date' },
  batch: { label: 'Import', type: 'batch' },
  birthday: { label: 'Birthday', type: 'yearly' },
  anyDate: { label: 'Any yearly date', type: 'yearly' },
  service: { label: 'Work completed', type: 'date' },
  referred: { label: 'People they sent', type: 'number' },
  wouldRefer: { label: 'Would refer me', type: 'choice' },
  phone: { label: 'Phone', type: 'text' },
  email: { label: 'E-mail', type: 'text' },
  street: { label: 'Street', type: 'text' },
  city: { label: 'City', type: 'text' },
  region: { label: 'State', type: 'text' },
  postalCode: { label: 'Postal code', type: 'text' },
  place: { label: 'Neighborhood', type: 'text' },
  distance: { label: 'Distance', type: 'distance' },
  language: { label: 'Language', type: 'text' },
  preferred: { label: 'Likes to be reached by', type: 'choice' },
  favourite: { label: 'Kept at hand', type: 'flag' },
  household: { label: 'Shares a home', type: 'flag' },
  photo: { label: 'Photo', type: 'flag' },
  consentCall: { label: 'May be called', type: 'consent' },
  consentText: { label: 'May be texted', type: 'consent' },
  consentEmail: { label: 'May get e-mail', type: 'consent' },
  consentPost: { label: 'May get post', type: 'consent' },
} as const satisfies Record<string, { label: string; type: FieldType }>;
export type FieldKey = keyof typeof FIELDS;

const OWN_AS: Record<OwnType, FieldType> = {
  text: 'text',
  number: 'number',
  money: 'money',
  date: 'date',
  choice: 'choice',
  flag: 'flag',
};

/** One test of one field; `field` is a key of FIELDS 'own:' with the id of an own field, 'fact:' with the key of a fact. */
export interface Condition {
  field: string;
  test: Test;
  values: (string | number)[];
}

/** Conditions and groups of which all, any or none must hold. */
export interface Group {
  match: 'all' | 'any' | 'none';
  of: (Condition | Group)[];
}

export const isGroup = (part: Condition | Group): part is Group => 'match' in part;

export const MAX_DEPTH = 5;
export const MAX_CONDITIONS = 60;

export type ConditionFault =
  | { reason: 'unknown_field'; field: string }
  | { reason: 'wrong_test'; field: string; test: Test }
  | { reason: 'values'; field: string; test: Test }
  | { reason: 'too_deep' }
  | { reason: 'too_many' };

export function conditionFaultSentence(fault: ConditionFault): string {
  switch (fault.reason) {
    case 'unknown_field':
      return `There is no field “${fault.field}” to filter by any more. Take that line out.`;
    case 'wrong_test':
      return `“${fault.field}” can't be asked about with “${TEST_WORDS[fault.test]}”.`;
    case 'values':
      return `“${fault.field} ${TEST_WORDS[fault.test]}” still needs what to compare with.`;
    case 'too_deep':
      return `Groups can be put into each other up to ${MAX_DEPTH} deep.`;
    case 'too_many':
      return `A filter can have up to ${MAX_CONDITIONS} lines.`;
  }
}

export interface FieldInfo {
  label: string;
  type: FieldType;
}

/** A field that a subject adds: 'fact:' and its key. */
export interface FactInfo extends FieldInfo {
  key: string;
}

/** What a field is; null when there is none of that key (an own field that was taken away). */
export function fieldInfo(
  key: string,
  own: readonly OwnField[],
  facts: readonly FactInfo[] = [],
): FieldInfo | null {
  if (Object.hasOwn(FIELDS, key)) return FIELDS[key as FieldKey];
  if (key.startsWith('fact:')) return facts.find((fact) => key === `fact:${fact.key}`) ?? null;
  const field = key.startsWith('own:') ? own.find(({ id }) => key === `own:${id}`) : undefined;
  return field ? { label: field.name, type: OWN_AS[field.type] } : null;
}

const isNumber = (value: unknown) => value !== '' && Number.isFinite(Number(value));
const isDay = (value: unknown) => /^\d{4}-\d{2}-\d{2}$/.test(String(value));

function valuesFit({ test, values }: Condition, type: FieldType): boolean {
  const count = VALUES_OF[test];
  if (count === null ? values.length === 0 : values.length !== count) return false;
  if (values.some((value) => String(value).trim() === '')) return false;
  if (['inLast', 'notInLast', 'inNext', 'atLeast', 'atMost', 'within'].includes(test))
    return values.every(isNumber);
  if (test === 'month')
    return (
      ['this', 'next'].includes(String(values[0])) ||
      (isNumber(values[0]) && Number(values[0]) >= 1 && Number(values[0]) <= 12)
    );
  if (test === 'letters') return values.every((value) => /^\p{L}+$/u.test(String(value)));
  if (test === 'on' || test === 'before' || test === 'after') return values.every(isDay);
  if (test === 'between') return values.every(type === 'date' ? isDay : isNumber);
  return true;
}

/** The first thing that keeps a filter from being asked, or null. */
export function findConditionFault(
  group: Group,
  own: readonly OwnField[],
  facts: readonly FactInfo[] = [],
  depth = 1,
  count = { lines: 0 },
): ConditionFault | null {
  if (depth > MAX_DEPTH) return { reason: 'too_deep' };
  for (const part of group.of) {
    if (isGroup(part)) {
      const fault = findConditionFault(part, own, facts, depth + 1, count);
      if (fault) return fault;
      continue;
    }
    count.lines += 1;
    if (count.lines > MAX_CONDITIONS) return { reason: 'too_many' };
    const info = fieldInfo(part.field, own, facts);
    if (!info) return { reason: 'unknown_field', field: part.field };
    if (!TESTS_OF[info.type].includes(part.test))
      return { reason: 'wrong_test', field: info.label, test: part.test };
    if (!valuesFit(part, info.type))
      return { reason: 'values', field: info.label, test: part.test };
  }
  return null;
}
