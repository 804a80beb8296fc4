import { fold, type Address } from '@/core/people';

/**
 * Words of a street address in their postal short form: suffixes of USPS Publication 28,
 * appendix C1, with their common variants, directions and unit designators (C2). Written from
 * memory; a test compares them with a general library's reading.
 */
const SHORT = `
aly alley allee ally|ave avenue av aven avenu avn avnue|bch beach|bnd bend|blf bluff|blvd boulevard boul boulv
br branch|brg bridge|brk brook|byp bypass|cyn canyon|cpe cape|cswy causeway|ctr center centre|cir circle circ
clf cliff|clb club|cmn common|cor corner|crse course|ct court|cv cove|crk creek|cres crescent|xing crossing
dl dale|dr drive driv drv|est estate|expy expressway|ext extension|fls falls|fry ferry|fld field|flds fields
frst forest|frk fork|ft fort|fwy freeway|gdn garden|gdns gardens|gtwy gateway|gln glen|grn green|grv grove
hbr harbor harbour|hvn haven|hts heights|hwy highway|hl hill|hls hills|holw hollow|inlt inlet|is island|jct junction
knl knoll|lk lake|lks lakes|lndg landing|ln lane|lgt light|ldg lodge|mnr manor|mdw meadow|mdws meadows|ml mill
msn mission|mt mount|mtn mountain|nck neck|orch orchard|pkwy parkway pky|pl place|pln plain|plz plaza|pt point
prt port|rnch ranch|rdg ridge|riv river|rd road|rte route|sq square|sta station|strm stream|st street str
smt summit|ter terrace terr|trce trace|trl trail|tunl tunnel|tpke turnpike|vly valley|via viaduct|vw view|vlg village
wl well|xrd crossroad
n north|s south|e east|w west|ne northeast|nw northwest|se southeast|sw southwest
apt apartment|bldg building|fl floor|rm room|ste suite|unit unit|lot lot|spc space|trlr trailer`;

const TO_SHORT = new Map<string, string>();
for (const group of SHORT.trim().split(/[|\n]/)) {
  const [short, ...long] = group.trim().split(' ') as [string, ...string[]];
  for (const word of [short, ...long]) TO_SHORT.set(word, short);
}

/** Short forms that are directions and parts of a building. */
const NO_STREETS = new Set(
  'n s e w ne nw se sw apt bldg fl rm ste unit lot spc trlr sta'.split(' '),
);
/** Street suffixes that have no shorter form. */
const STREETS = new Set(
  'row run walk path loop way pass pike mall alley quay wharf mews close'.split(' '),
);

/** Words that the name of a street ends with, long and short, folded: "lane", "ln", "row". */
export const STREET_WORDS: readonly string[] = [
  ...STREETS,
  ...[...TO_SHORT].flatMap(([word, short]) => (NO_STREETS.has(short) ? [] : [word])),
];

/** One word of a street line in its postal short form: "Street" → "st". */
export const shortWord = (word: string): string => TO_SHORT.get(word) ?? word;

const ordinal = (word: string): string => word.replace(/^(\d+)(st|nd|rd|th)$/, '$1');

/** A street line in postal short form: "12 North Lantern Street, Apartment #4" → "12 n lantern st apt 4". */
export function shortLine(line: string): string {
  const words = fold(line)
    .replace(/#\s*/g, ' apt ')
    .replace(/[^\p{L}\p{N}\s-]/gu, '')
    .replace(/-/g, ' ')
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => ordinal(shortWord(word)));
  // "Apt #4" says it twice.
  return words
    .filter((word, i) => !(word === 'apt' && /^(apt|unit|ste)$/.test(words[i - 1] ?? '')))
    .join(' ');
}

/**
 * What tells one home from another: the street line in short form with postal code or city; null
 * when it names no house ("Lantern Row"), because a street is not a home.
 */
export function addressKey(address: Pick<Address, 'line' | 'city' | 'postalCode'>): string | null {
  const line = shortLine(address.line);
  if (!/\d/.test(line)) return null;
  const where = address.postalCode.replace(/\W/g, '').slice(0, 5).toLowerCase();
  return `${line}|${where || fold(address.city)}`;
}

/** The key of the home at an address; empty where there is none, or it is an office, which nobody shares. */
export const homeKey = (address: Address | undefined): string =>
  address && !/work|office/i.test(address.label) ? (addressKey(address) ?? '') : '';
