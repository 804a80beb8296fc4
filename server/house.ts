/**
 * What a subject tells the house. An extension point is a {@link slot}, defined by the subject that
 * uses what is given to it; other subjects give to it in their declaration, and nobody keeps a list
 * of who does. `subjects.ts` gathers the declarations, one line each.
 */
export interface Slot<T> {
  (value: T): Contribution;
  readonly slot: string;
}

export interface Contribution {
  slot: string;
  value: unknown;
}

/** A subject and what it provides to the others. */
export interface Subject {
  name: string;
  provides: readonly Contribution[];
}

/** Defines an extension point; calling it with a value provides that value to the house. */
export function slot<T>(name: string): Slot<T> {
  return Object.assign((value: T): Contribution => ({ slot: name, value }), { slot: name });
}

/** The subjects that make up this Pen Pal. */
export class House {
  private readonly bySlot = new Map<string, unknown[]>();

  constructor(readonly subjects: readonly Subject[]) {
    for (const { provides } of subjects)
      for (const { slot: name, value } of provides)
        this.bySlot.set(name, [...(this.bySlot.get(name) ?? []), value]);
  }

  /** Everything contributed to an extension point, in the order of the subjects. */
  of<T>({ slot: name }: Slot<T>): readonly T[] {
    return (this.bySlot.get(name) ?? []) as readonly T[];
  }
}
