import { need } from '@/core/need';

/** A name taken apart. What it does not have is left out, but for given and family name. */
export interface SplitName {
  givenName: string;
  familyName: string;
  prefix?: string;
  suffix?: string;
  goesBy?: string;
  /** What stood in brackets behind the family name, which may be one that was borne before. */
  also?: string;
  /** Whether another reader might have split it otherwise. */
  unsure?: true;
}

const words = (text: string) => new Set(text.split(' '));

/** Forms of address. Common practice, no source. */
const TITLES = words(
  'mr mrs ms miss mx dr prof professor rev reverend fr sr sra srta señor señora señorita herr frau fräulein monsieur madame mademoiselle m mme mlle sig sigra signor signora dott dottssa ing dhr mevr mevrouw hon rabbi imam pastor dame lady lord',
);
/** Forms of address that are given names as well: only with a whole name behind them. */
const TITLES_TOO = words(
  'judge sir major captain capt general gen col colonel lt sgt father sister brother dean bishop senator governor president chief',
);
const SUFFIXES = words(
  'jr sr junior senior ii iii iv v 2nd 3rd phd md dds dvm esq esquire cpa jd rn mba pe do od crs gri ret',
);
/** What a family name may begin with, when it is not the first word. */
const PARTICLES = words(
  'de del dela della delle dello di da dal dalla do dos das du des van von vom zu zum zur der den ter ten te la le lo los las el al bin binti ibn ben bat st saint san santa af av y e mac mc o',
);

const FIRM =
  /(?:^|[\s,.&])(?:llc|l\.l\.c\.|inc|incorporated|ltd|limited|gmbh|ag|kg|s\.?a\.?r?\.?l?|b\.?v|plc|corp|corporation|co|company|sons|daughters|brothers|bros|group|bank|trust|services|associates|partners|realty|properties|insurance|mortgage|lending|law|studio|studios|cafe|café|shop|store|school|church|club|hotel|foundation|institute|center|centre|association|society|university|college|hospital|clinic|agency|office|holdings|enterprises|construction|plumbing|roofing|electric|landscaping|restaurant|bakery|florist|nursery)\.?(?=$|[\s,.&])/i;

/** Whether a name is plainly that of a firm. */
export const isFirm = (text: string): boolean => FIRM.test(text);

const bare = (word: string) => word.replace(/[.,]/g, '').toLowerCase();

/**
 * Takes a full name apart by plain rules: a comma puts the family name first; titles and suffixes are
 * kept as such; a name in quotes or brackets is the one they go by; a particle begins the family name
 * unless it is the first word ("Van Morrison"). A single word is a given name.
 * @example splitName('Lind, Rosa') // { givenName: 'Rosa', familyName: 'Lind' }
 */
export function splitName(full: string): SplitName {
  const { text, goesBy, also } = withoutAside(full.trim().replace(/\s+/g, ' '));
  const parts = text
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean);
  const suffixes: string[] = [];
  while (
    parts.length > 1 &&
    need(parts.at(-1))
      .split(' ')
      .every((word) => SUFFIXES.has(bare(word)))
  )
    suffixes.unshift(need(parts.pop()));
  const [first = '', ...later] = parts;
  const before = parts.length > 1 ? first.split(' ') : [];
  const rest = (parts.length > 1 ? later.join(' ') : first).split(' ').filter(Boolean);
  const titles = takeTitles(rest, before.length > 0);
  while (before.length > 1 && TITLES.has(bare(need(before[0])))) titles.push(need(before.shift()));
  for (const list of [rest, before]) {
    const ends: string[] = [];
    while (list.length > 1 && SUFFIXES.has(bare(need(list.at(-1))))) ends.unshift(need(list.pop()));
    suffixes.unshift(...ends);
  }
  return {
    ...(before.length > 0
      ? { givenName: rest.join(' '), familyName: before.join(' ') }
      : inOrder(rest, titles.length > 0)),
    ...(titles.length > 0 ? { prefix: titles.join(' ') } : {}),
    ...(suffixes.length > 0 ? { suffix: suffixes.join(' ') } : {}),
    ...(goesBy ? { goesBy } : {}),
    ...(also ? { also } : {}),
  };
}

/** Titles at the beginning; one that is a given name too wants two words behind it. */
function takeTitles(rest: string[], familyKnown: boolean): string[] {
  const titles: string[] = [];
  while (rest.length > 1) {
    const word = bare(need(rest[0]));
    const enough = rest.length > 2 || (familyKnown && rest.length > 1);
    if (!TITLES.has(word) && !(TITLES_TOO.has(word) && enough)) break;
    titles.push(need(rest.shift()));
  }
  return titles;
}

/** Given name and family name of words that stand in this order. */
function inOrder(rest: readonly string[], titled: boolean): SplitName {
  const [only = ''] = rest;
  if (rest.length < 2)
    return titled ? { givenName: '', familyName: only } : { givenName: only, familyName: '' };
  const particle = rest.findIndex((word, i) => i > 0 && i < rest.length - 1 && isParticle(word));
  const from = particle > 0 ? particle : rest.length - 1;
  const split: SplitName = {
    givenName: rest.slice(0, from).join(' '),
    familyName: rest.slice(from).join(' '),
  };
  // "Gabriel García Márquez", "Ana Maria Lind": which word is whose can't be told.
  const middle = rest.slice(1, -1).some((word) => !isParticle(word) && bare(word).length > 1);
  return rest.length > 2 && middle ? { ...split, unsure: true } : split;
}

const isParticle = (word: string) =>
  word === word.toLowerCase()
    ? PARTICLES.has(bare(word))
    : /^(?:De|Del|Della|Di|Da|Van|Von|Der|Den|La|Le|St\.?)$/.test(word);

/** Takes out a name in quotes or brackets: one that they go by, or one behind the family name. */
function withoutAside(full: string): { text: string; goesBy: string; also: string } {
  let [goesBy, also] = ['', ''];
  const text = full.replace(
    /\s*(?:"([^"]+)"|“([^”]+)”|\(([^()]+)\)|(?<=\s)'([^']+)'(?=\s))\s*/g,
    (whole, a?: string, b?: string, c?: string, d?: string, at = 0) => {
      const found = (a ?? b ?? c ?? d ?? '').trim();
      const behindFamily = full.slice((at as number) + whole.length).startsWith(',');
      if (behindFamily || goesBy) also ||= found;
      else goesBy = found;
      return behindFamily ? '' : ' ';
    },
  );
  return { text: text.replace(/\s+/g, ' ').trim(), goesBy, also };
}

const AND = /\s+(?:&|\+|and|und|et)\s+/i;

/**
 * The two people whom one name names, or null: "Dana & Lee Marsh", "Mr. and Mrs. Smith",
 * "Marsh, Dana & Lee", "Ana Lind & Bo Marsh". A firm with such a name is none.
 */
export function splitCouple(full: string): [SplitName, SplitName] | null {
  const text = full.trim().replace(/\s+/g, ' ');
  if (!AND.test(text) || isFirm(text) || /\d/.test(text)) return null;
  const comma = /^([^,&]+),\s*(.+)$/.exec(text);
  const halves = (comma ? need(comma[2]) : text).split(AND);
  if (halves.length !== 2 || halves.some((half) => half.trim() === '')) return null;
  const [left, right] = halves as [string, string];
  const family = comma?.[1]?.trim() ?? '';
  const half = (words: string) =>
    titlesAlone(words) ?? splitName(family ? `${family}, ${words}` : words);
  const [a, b] = [half(left), half(right)];
  a.familyName ||= family;
  b.familyName ||= family;
  // "Dr. Ana & Bo Lind": the one word behind a title is a given name here.
  if (a.prefix && !a.givenName && b.givenName && !b.prefix)
    [a.givenName, a.familyName] = [a.familyName, ''];
  // One family name behind both: "Dana & Lee Marsh", "Mr. & Mrs. John Smith".
  if (a.familyName === '') a.familyName = b.familyName;
  else if (b.familyName === '' && b.givenName !== '') b.familyName = a.familyName;
  if (titlesAlone(left) && b.givenName) {
    // The given name belongs to the first of the two titles.
    a.givenName = b.givenName;
    b.givenName = '';
  }
  return a.familyName === '' && b.familyName === '' && !a.givenName ? null : [a, b];
}

/** The two people whom one record names by the parts of its name, or null. */
export const coupleNamed = (fields: Record<'prefix' | 'givenName' | 'familyName', string>) =>
  splitCouple(
    [fields.familyName, [fields.prefix, fields.givenName].filter(Boolean).join(' ')]
      .filter(Boolean)
      .join(', '),
  );

/** "Mr." and nothing else. */
function titlesAlone(text: string): SplitName | null {
  const all = text.trim().split(' ');
  return all.every((word) => TITLES.has(bare(word)))
    ? { givenName: '', familyName: '', prefix: text.trim() }
    : null;
}
