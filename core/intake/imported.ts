import { NOBODY, type PersonFields, type TieKind, type TieSeen } from '@/core/people';
import { isPlainDate, type PlainDate } from '@/core/time';
import type { Outcome, TouchKind } from '@/core/touches';

import type { SplitName } from './rows/names';

/** A made touch, as a file tells of it. */
export interface TouchTold {
  on: PlainDate;
  kind: TouchKind;
  outcome: Outcome;
}

/** Work for somebody; amounts in minor units of the owner's currency. */
export interface JobTold {
  name: string;
  stage: string;
  on: PlainDate | null;
  valueMinor: number | null;
  feeMinor: number | null;
}

export interface TieTold {
  kind: TieSeen;
  name: string;
  birthday: string | null;
  words: string;
}

/** Somebody whom a file names beside a person. */
export interface Related {
  kind: TieKind;
  name: string;
  birthday?: string;
  /** What the owner wrote about the tie. */
  words?: string;
  /** Their place among the people of the file, when they come in themselves. */
  place?: number;
  /** Whether the tie is theirs: "parent" is kept as their child. */
  reversed?: boolean;
  /** Whether who alone has that name in the file is meant: Pen Pal wrote it. */
  meant?: boolean;
}

/** What a file says of one person. */
export interface ImportedPerson {
  row: number;
  fields: PersonFields;
  tags: string[];
  circle: string;
  promiseDays: number | null;
  notes: { on: string | null; body: string }[];
  touches: TouchTold[];
  jobs: JobTold[];
  related: Related[];
  /** Values for fields of the owner's that are to be made, by the heading. */
  newOwn?: { heading: string; text: string }[];
  /** Whether the split of the name is a guess. */
  nameGuessed?: boolean;
  /** The bytes of a photo as they stood in the file. */
  photo?: Uint8Array;
}

export const importedOf = (row: number, fields: PersonFields): ImportedPerson => ({
  row,
  fields,
  tags: [],
  circle: '',
  promiseDays: null,
  notes: [],
  touches: [],
  jobs: [],
  related: [],
});

/** What a file's partner columns become: a tie with what is known in the note, or a second person. */
export type Partners = 'tie' | 'person';

export interface RowFault {
  row: number;
  why: string;
  /** Whether the whole row stays out; otherwise only the value does, and it is kept in the note. */
  leftOut: boolean;
}

/** Whether there is a name or a way to reach somebody. */
export const isSomebody = (f: PersonFields): boolean =>
  [f.givenName, f.familyName, f.goesBy, f.company].some(Boolean) ||
  f.emails.length > 0 ||
  f.phones.length > 0;

const OLDEST = 120;

/** A birthday lies behind us, and not further than anybody has lived. */
export function birthdayFault(on: string, today: PlainDate): string | null {
  if (!isPlainDate(on)) return null;
  if (on > today) return 'a birthday that has been';
  return Number(today.slice(0, 4)) - Number(on.slice(0, 4)) > OLDEST
    ? 'a birthday of anybody alive'
    : null;
}

/** The other of a couple: the same home, and a name. */
export function asSecond(
  name: Pick<SplitName, 'givenName' | 'familyName'> & Partial<SplitName>,
  person: ImportedPerson,
): ImportedPerson {
  const { givenName, familyName, prefix = '', suffix = '', goesBy = '' } = name;
  const addresses = person.fields.addresses.slice(0, 1).map((address) => ({ ...address }));
  return {
    ...importedOf(person.row, {
      ...NOBODY,
      givenName,
      familyName,
      prefix,
      suffix,
      goesBy,
      addresses,
    }),
    circle: person.circle,
    tags: [...person.tags],
  };
}
