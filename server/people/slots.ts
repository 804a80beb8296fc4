import type { FieldType } from '@/core/people';
import type { PlainDate } from '@/core/time';

import type { Context } from '../context';
import { slot } from '../house';

/** One line of a person's story that is no touch and no note. */
export interface StoryEvent {
  id: string;
  on: PlainDate;
  kind: 'cadence' | 'skipped';
  words: string;
}

/** What a subject has to tell in the story of a person. */
export type StoryPart = (ctx: Context, personId: string) => Promise<StoryEvent[]>;

export const STORY_PARTS = slot<StoryPart>('story parts');

/**
 * Something that a subject knows of each person. Declared once, it can be filtered by, exported as a
 * column, and written into words as a merge field.
 */
export interface Fact {
  /** Unique among facts; also the merge field: {{ gifts }}. */
  key: string;
  label: string;
  /** How it is asked about; what `sql` answers must be of that type. */
  type: Extract<FieldType, 'text' | 'number' | 'date' | 'flag'>;
  /** An expression over `person p`. */
  sql: string;
}

export const FACTS = slot<Fact>('facts');

