import type { z } from 'zod';

import { need } from '@/core/need';
import { figure } from '@/core/time';

/** One field that is refused: where it is in what was sent ("phones.1.value"), and why. */
export interface FieldFault {
  field: string;
  /** A sentence that can stand at the field. */
  message: string;
}

const named: Record<string, string> = {
  string: 'Write something here.',
  number: 'Write a number.',
  int: 'Write a whole number.',
  boolean: 'Say yes or no.',
  array: 'Give a list.',
  email: 'This is not an e-mail address.',
  url: 'This is not a web address. Begin it with https://.',
};

const size = (n: number | bigint, origin: string): string => {
  const most = figure(Number(n));
  if (origin === 'string') return `${most} characters`;
  return origin === 'array' ? `${most} of these` : most;
};

/**
 * What is wrong with a value, for people, where the schema has no words of its own for it. The form
 * and the server say the same, because both ask here.
 */
export function sentenceOf(issue: z.core.$ZodRawIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return named[issue.expected] ?? 'This is missing.';
    case 'invalid_format':
      return named[issue.format] ?? 'This is not written as it has to be.';
    case 'too_small':
      if (issue.origin === 'string' && Number(issue.minimum) === 1) return need(named.string);
      return issue.origin === 'string' || issue.origin === 'array'
        ? `At least ${size(issue.minimum, issue.origin)}.`
        : `Not less than ${size(issue.minimum, issue.origin)}.`;
    case 'too_big':
      return issue.origin === 'string' || issue.origin === 'array'
        ? `At most ${size(issue.maximum, issue.origin)}.`
        : `Not more than ${size(issue.maximum, issue.origin)}.`;
    case 'invalid_value':
    case 'invalid_union':
      return 'Choose one of those that are offered.';
    default:
      return 'This can’t be read.';
  }
}

/** "promiseDays" as people read it: "Promise days". */
const spoken = (field: string): string => {
  const words = field
    .split('.')
    .filter((part) => !/^\d+$/.test(part))
    .join(' ')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** A fault with the name of its field, for where the field itself can't be seen. */
export const inWords = ({ field, message }: FieldFault): string =>
  field ? `${spoken(field)}: ${message}` : message;

export interface Faults {
  /** All that is wrong, in the order of the schema; a fault of the whole has an empty field. */
  fields: FieldFault[];
  /** The first fault as a sentence that can stand alone. */
  message: string;
}

/** What a schema has against a value; null when nothing. */
export function faultsOf(schema: z.ZodType, value: unknown): Faults | null {
  // A sentence of the schema's own says what it is about; ours needs the name of the field.
  const general = new Set<string>();
  const result = schema.safeParse(value, {
    error: (issue) => {
      const sentence = sentenceOf(issue);
      general.add(sentence);
      return sentence;
    },
  });
  if (result.success) return null;
  const fields = result.error.issues.map(({ path, message }) => ({
    field: path.join('.'),
    message,
  }));
  const first = need(fields[0]);
  const message = general.has(first.message) ? inWords(first) : first.message;
  return { fields, message };
}
