import type { Traits } from './traits';

const shares = (a: readonly string[], b: readonly string[]) => a.some((x) => b.includes(x));
const differ = (a: readonly string[], b: readonly string[]) =>
  a.length > 0 && b.length > 0 && !shares(a, b);

/** What the names of two records say of them. */
export interface NamesCompared {
  /** Similar is not the same: an initial, a slip of a finger, another name of the same sound. */
  given: 'same' | 'similar' | 'other';
  familyAlike: boolean;
}

/** What is nobody's own: e-mail addresses that several use. */
export type Common = ReadonlySet<string>;

/**
 * Whether something agrees that is one person's own: an e-mail that nobody else uses, a day of birth with
 * its year, a phone that somebody carries. A home and its phone belong to all who live there.
 */
export const sharesTheirOwn = (a: Traits, b: Traits, common: Common): boolean =>
  a.emails.some((email) => b.emails.includes(email) && !common.has(email)) ||
  shares(a.mobiles, b.phones) ||
  shares(a.phones, b.mobiles) ||
  (a.birthday !== null && a.birthday.length > 5 && a.birthday === b.birthday);

/** Whether two records say the same, word for word: a list that comes in once more. */
export const isTheSame = (a: Traits, b: Traits): boolean => fingerprint(a) === fingerprint(b);

const fingerprint = (t: Traits) =>
  JSON.stringify([
    [t.given, t.goesBy, t.middle, t.family, t.suffix, t.company, t.birthday],
    [t.emails, t.phones, t.homes].map((list) => list.toSorted()),
  ]);

const hasGiven = ({ given, goesBy }: Traits) => given !== '' || goesBy !== '';
export const isFirm = (t: Traits) => t.company !== '' && !hasGiven(t) && t.family === '';

/**
 * Why two records may be two people, however much else agrees, in words; none when nobody would doubt
 * that they are one. Homes share addresses, numbers and e-mails, families share names: only who has the
 * same name, and nothing that speaks against it, is surely the same (common practice, no source).
 */
export function doubtsOf(a: Traits, b: Traits, names: NamesCompared, common: Common): string[] {
  const doubts: [boolean, string][] = [
    [a.couple !== b.couple, 'one of them is a couple'],
    [isFirm(a) !== isFirm(b), 'one of them is a company'],
    [!(isFirm(a) && isFirm(b)) && !(hasGiven(a) && hasGiven(b)), 'no first name on one of them'],
    [names.given === 'similar' && names.familyAlike && hasGiven(a) && hasGiven(b), 'similar name'],
    [names.given === 'other', 'different first names'],
    [!names.familyAlike, 'different last names'],
    [a.form !== '' && b.form !== '' && a.form !== b.form, 'different forms of address'],
    [a.suffix !== b.suffix, 'only one has a suffix'],
    [areOtherMiddles(a.middle, b.middle), 'different middle names'],
    [
      a.birthday !== null && b.birthday !== null && isOtherDay(a.birthday, b.birthday),
      'different birthdays',
    ],
    [differ(a.emails, b.emails) && !sharesTheirOwn(a, b, common), 'different e-mails'],
  ];
  return doubts.filter(([doubted]) => doubted).map(([, words]) => words);
}

function areOtherMiddles(a: string, b: string): boolean {
  if (!a || !b || a === b) return false;
  return !((a.length === 1 || b.length === 1) && a[0] === b[0]);
}

/** Two days, unless one of them only lacks its year. */
const isOtherDay = (a: string, b: string): boolean =>
  a.length === b.length ? a !== b : a.slice(-5) !== b.slice(-5);
