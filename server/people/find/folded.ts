import { fold } from '@/core/people';

// Letters of the Latin alphabets that fold to one plain letter.
const ACCENTED = [...Array.from({ length: 0x180 - 0xe0 }, (_, i) => String.fromCharCode(0xe0 + i))]
  .filter((letter) => letter === letter.toLowerCase() && /^[a-z]$/.test(fold(letter)))
  .join('');
const PLAIN = fold(ACCENTED);

/** Mirrors core's fold for Latin letters, in SQL: lower case without accents. */
export const foldedSql = (column: string): string =>
  `translate(lower(${column}), '${ACCENTED}', '${PLAIN}')`;
