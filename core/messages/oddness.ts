import { need } from '@/core/need';

/** What makes a reader one whose words are looked at first. */
export interface OddReader {
  givenName: string;
  familyName: string;
  /** People of their home, them included. */
  home: number;
  nameLength: number;
  /** Family names in their home, each once. */
  families: number;
  /** Their birthday is known without its year. */
  yearless: boolean;
}

/** Longer names than this may break a line where none was thought of. */
const LONG = 24;

/** What is odd about a reader, the oddest first, in two words. */
const ODD: readonly ((reader: OddReader) => string | false)[] = [
  ({ givenName }) => givenName === '' && 'no first name',
  ({ familyName }) => familyName === '' && 'no family name',
  ({ home }) => home > 2 && `home of ${home}`,
  ({ home, families }) => home === 2 && families > 1 && 'a couple with two names',
  ({ nameLength }) => nameLength > LONG && 'a long name',
  ({ home }) => home === 2 && 'a couple',
  ({ yearless }) => yearless && 'a birthday without its year',
];

export interface Oddness {
  /** Null for a reader who is like most. */
  odd: string | null;
  /** 0 for the oddest; readers like most come last. */
  rank: number;
}

/** Why somebody's copy is worth a look before it goes, and how early. */
export function oddnessOf(reader: OddReader): Oddness {
  const rank = ODD.findIndex((test) => test(reader));
  return rank < 0
    ? { odd: null, rank: ODD.length }
    : { odd: need(ODD[rank])(reader) as string, rank };
}
