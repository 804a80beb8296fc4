/** The values of a piece of SQL; their numbers are filled in as it is written. */
export class Params {
  readonly values: unknown[] = [];

  /** Adds a value and answers its placeholder. */
  add(value: unknown): string {
    this.values.push(value);
    return `$${this.values.length}`;
  }
}
