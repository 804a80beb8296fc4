import { randomUUID } from 'node:crypto';

import type { Beat, createCadence } from '@/contract/cadences';
import type { CallInput } from '@/contract/endpoint';
import { PATTERNS } from '@/core/cadences';

import type { DemoTemplates } from './templates';

const beat = (afterDays: number, kind: Beat['kind'], words: string): Beat => ({
  id: randomUUID(),
  timing: { on: 'after', days: afterDays },
  kind,
  wordings: [words],
  way: 'hand',
  dayRule: 'next',
});

/** A beat that says a template's words. */
const said = (afterDays: number, kind: Beat['kind'], templateId: string): Beat => ({
  ...beat(afterDays, kind, ''),
  wordings: [],
  templateId,
});

/** A message that goes out by itself, to whoever said yes to it. */
const automatic = (afterDays: number, kind: 'email' | 'text', templateId: string): Beat => ({
  ...said(afterDays, kind, templateId),
  way: 'auto',
});

export interface DemoCadence {
  draft: NonNullable<CallInput<typeof createCadence>['body']> & { beats: Beat[] };
  /** The circles that are enrolled, and how many of each in all. */
  circles: readonly string[];
  people: number;
}

/** Tells a service of the person. */
const tell = (afterDays: number, serviceId: string, words: string): Beat => ({
  ...beat(afterDays, 'other', words),
  way: 'auto',
  errand: { to: 'service', serviceId },
});

/** Marisol's cadences and whom she put on them. */
export const makeCadences = (listServiceId: string, templates: DemoTemplates): DemoCadence[] => [
  {
    draft: {
      name: 'Once a quarter, three ways',
      rounds: null,
      gapDays: 30,
      beats: [
        beat(
          0,
          'call',
          'How is the house treating you, {{ first_name }}? And what has changed since we spoke?',
        ),
        beat(30, 'social', 'A word on something they shared lately.'),
        automatic(45, 'email', templates.line!),
        automatic(60, 'text', templates.thinking!),
      ],
    },
    circles: ['Close', 'Wider'],
    people: 64,
  },
  {
    draft: {
      name: 'Inner circle, every month',
      rounds: null,
      gapDays: 28,
      beats: [
        beat(0, 'call', 'Coffee this week, {{ first_name }}?'),
        beat(28, 'card', 'Three lines by hand. Nothing to sell.'),
      ],
    },
    circles: ['Inner'],
    people: 18,
  },
  {
    draft: {
      name: 'The year after the keys',
      rounds: 1,
      gapDays: 0,
      beats: [
        said(0, 'call', templates.firstNights!),
        tell(14, listServiceId, 'Put {{ name }} on the letter for new homes.'),
        said(21, 'card', templates.welcome!),
        beat(90, 'call', 'What would you have liked to know three months ago?'),
        said(180, 'email', templates.halfYear!),
        beat(365, 'call', 'A year in the house.'),
      ],
    },
    circles: ['Close'],
    people: 14,
  },
  {
    draft: fromPattern('year'),
    circles: ['Wider'],
    people: 8,
  },
];

/** The cadence that goes through the people of the outer circle by letter. */
export const makeRota = () => fromPattern('letters');

function fromPattern(key: string): DemoCadence['draft'] {
  const { cadence } = PATTERNS.find((pattern) => pattern.key === key)!;
  return {
    ...cadence,
    beats: cadence.beats.map((b) => ({ ...b, wordings: [...b.wordings], id: randomUUID() })),
  };
}
