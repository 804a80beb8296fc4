import type { ListName } from '@/contract/lists';
import { OWN_TYPES, type OwnType } from '@/core/people';

/** One entry of each list, in a sentence. */
export const ONE: Record<ListName, string> = {
  role: 'role',
  standing: 'standing',
  circle: 'circle',
  source: 'source',
  tag: 'tag',
  field: 'field',
};

export const TYPE_WORDS: Record<OwnType, string> = {
  text: 'Text',
  number: 'Number',
  money: 'Money',
  date: 'Date',
  choice: 'Choice',
  flag: 'Yes or no',
};

export const TYPES = OWN_TYPES.map((value) => ({ value, label: TYPE_WORDS[value] }));

/** Words as they are typed, parted by commas, semicolons or lines. */
export const choicesOf = (text: string): string[] =>
  text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter(Boolean);
