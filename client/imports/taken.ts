import type { ImportPreview, IncomingPerson } from '@/contract/imports';
import { partsOfUse } from '@/core/people';

/** What came of one cell of a row. */
export interface Taken {
  column: number;
  heading: string;
  /** What stands in the file. */
  cell: string;
  /** What was taken from it; empty when it found no place. */
  taken: string;
  /** Where it goes when it has no place of its own, or not with them. */
  goes: 'place' | 'note' | 'out' | 'first';
}

/** Each column of a row with what was taken from it. */
export function takenOf({ columns, mapping }: ImportPreview, person: IncomingPerson): Taken[] {
  return columns.map(({ name }, column) => {
    const cell = person.cells[column] ?? '';
    const use = mapping[column];
    const to = use ? partsOfUse(use).to : null;
    // What is kept as it stands is kept with the first of two.
    const asIs =
      !person.second && (to === 'aside' || to === 'note' || to === 'notes' || to === 'newField');
    const values = person.facts.filter(({ from }) => from.includes(name)).map(({ value }) => value);
    // A part of an address is told as it stands, not the whole of it.
    const isPart = values.some((value) => value.split(', ').includes(cell));
    const taken = cell === '' ? '' : asIs || isPart ? cell : values.join(' · ');
    const isLost = cell !== '' && taken === '';
    const goes = !to
      ? 'out'
      : isLost && person.second
        ? 'first'
        : isLost || to === 'aside'
          ? 'note'
          : 'place';
    return { column, heading: name || `Column ${column + 1}`, cell, taken, goes };
  });
}
