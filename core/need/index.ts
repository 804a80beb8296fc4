/**
 * Says that a value is there, where its type can't: the first of a list that is not empty, a key that
 * was put in before. Unlike an assertion it is checked, so that a mistake shows where it was made.
 *
 * @throws Error where it is not there
 */
export function need<T>(value: T): NonNullable<T> {
  if (value === undefined || value === null)
    throw new Error('Something that has to be there is not.');
  return value;
}
