/** What makes a reader one whose words are looked at first. */
export interface OddReader {
  givenName: string;
  familyName: string;
  /** People of their home, them included. */
  home: number;
  nameLength: number;
}

/** Longer names than this may break a line where none was thought of. */
const LONG = 24;

/** Why somebody's copy is worth a look before it goes, in two words; null where it is like most. */
export function oddnessOf({ givenName, familyName, home, nameLength }: OddReader): string | null {
  if (givenName === '') return 'no first name';
  if (familyName === '') return 'no family name';
  if (home > 2) return `home of ${home}`;
  if (nameLength > LONG) return 'a long name';
  return home === 2 ? 'a couple' : null;
}
