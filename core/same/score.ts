import {
  doubtsOf,
  isFirm,
  isTheSame,
  sharesTheirOwn,
  type Common,
  type NamesCompared,
} from './doubts';
import { jaroWinkler } from './jaro-winkler';
import { areNicknames, areSurelyNicknames } from './nicknames';
import { areNumbered, areOneSlipApart, arePairOfNames } from './spelling';
import { soundsOf, type Traits } from './traits';

/**
 * Weights of agreement and disagreement, in bits (Fellegi & Sunter 1969: log2 of how much likelier
 * it is between two records of one person than between two people). Set by hand and held by the
 * measured precision and recall in the bench.
 */
const WEIGHT = {
  email: 10,
  otherEmail: -2,
  phone: 7,
  officePhone: 2,
  otherPhone: -1.5,
  home: 5,
  otherHome: -1,
  birthday: 8,
  birthdayWithoutYear: 6,
  birthdayNear: -1,
  otherBirthday: -9,
  family: 5,
  familySlip: 3.5,
  familyNear: 2.5,
  familySounds: 2.5,
  otherFamily: -4,
  given: 4,
  givenNear: 3,
  givenInitial: 1.5,
  otherGiven: -21,
  otherKnownGiven: -30,
  swapped: 7,
  middle: 1.5,
  otherMiddle: -4,
  otherSuffix: -16,
  oneSuffix: -3,
  company: 2,
  firmAndPerson: -20,
  sameCompanyAlone: 9,
};

/** From here on it is surely one person; from the second on it is worth asking. */
export const SURE = 14;
export const ASK = 7;

export type Verdict = 'sure' | 'ask' | 'different';

export interface Comparison {
  verdict: Verdict;
  score: number;
  /** What speaks for it and against it, for people: "same e-mail", "similar name". */
  evidence: string[];
}

const JW_NEAR = 0.9;
const JW_OTHER = 0.8;
const sharesOne = (a: readonly string[], b: readonly string[]) => a.some((x) => b.includes(x));

/** Numbers without an area code agree when their last seven digits do. */
export const samePhone = (a: string, b: string) =>
  a === b || ((a.length === 7 || b.length === 7) && a.slice(-7) === b.slice(-7));

/** Compares two people; symmetric. What is sure is what nobody would doubt: see {@link doubtsOf}. */
export function compare(a: Traits, b: Traits, common: Common = new Set()): Comparison {
  let score = 0;
  const evidence: string[] = [];
  const say = (weight: number, words?: string) => {
    score += weight;
    if (words) evidence.push(words);
  };
  const names = compareNames(a, b, say);
  const both = (key: 'emails' | 'phones' | 'homes') => a[key].length > 0 && b[key].length > 0;
  if (sharesOne(a.emails, b.emails)) say(WEIGHT.email, 'same e-mail');
  else if (both('emails')) say(WEIGHT.otherEmail);
  const phone = a.phones.find((x) => b.phones.some((y) => samePhone(x, y)));
  if (phone !== undefined) {
    const isOffice = a.officePhones.includes(phone) || b.officePhones.includes(phone);
    say(isOffice ? WEIGHT.officePhone : WEIGHT.phone, 'same phone');
  }
  if (phone === undefined && both('phones')) say(WEIGHT.otherPhone);
  if (sharesOne(a.homes, b.homes)) say(WEIGHT.home, 'same address');
  else if (both('homes')) say(WEIGHT.otherHome, 'different addresses');
  compareBirthdays(a.birthday, b.birthday, say);
  if (a.company && a.company === b.company) {
    const alone = !a.given && !a.family && !b.given && !b.family;
    say(alone ? WEIGHT.sameCompanyAlone : WEIGHT.company, 'same company');
  }
  if (isFirm(a) !== isFirm(b)) say(WEIGHT.firmAndPerson);
  // An address alone that is here already is somebody who is here already.
  const justEmail = (isNameless(a) || isNameless(b)) && sharesOne(a.emails, b.emails);
  if (!justEmail && score < ASK) return { verdict: 'different', score, evidence };
  const doubts = justEmail ? [] : doubtsOf(a, b, names, common);
  evidence.push(...doubts.filter((doubt) => !evidence.includes(doubt)));
  const isSure =
    score >= SURE && doubts.length === 0 && (sharesTheirOwn(a, b, common) || isTheSame(a, b));
  if (justEmail || isSure) return { verdict: 'sure', score, evidence };
  return { verdict: 'ask', score, evidence };
}

const isNameless = ({ given, goesBy, family, company }: Traits): boolean =>
  [given, goesBy, family, company].every((name) => name === '');

type Say = (weight: number, words?: string) => void;

function compareNames(a: Traits, b: Traits, say: Say): NamesCompared {
  compareSuffixes(a, b, say);
  if (isSwapped(a, b)) {
    say(WEIGHT.swapped, 'first and last name swapped');
    const exact = a.given === b.family && a.family === b.given;
    return { given: exact ? 'same' : 'similar', familyAlike: true };
  }
  const family = compareFamily(a.family, b.family);
  const given = compareGiven(a, b);
  say(family.weight);
  say(given.weight);
  if (family.alike && given.alike && (a.family || a.given) && (b.family || b.given)) {
    const exact = family.weight === WEIGHT.family && given.exact;
    say(0, exact ? 'same name' : given.nickname ? 'nickname' : 'similar name');
    const [x, y] = [a.middle, b.middle];
    if (x && y) {
      const same = x === y || ((x.length === 1 || y.length === 1) && x[0] === y[0]);
      say(same ? WEIGHT.middle : WEIGHT.otherMiddle, same ? undefined : 'different middle names');
    }
  } else if (!given.alike) say(0, 'different first names');
  else if (!family.alike) say(0, 'different last names');
  return {
    given: given.alike ? (given.sameName ? 'same' : 'similar') : 'other',
    familyAlike: family.alike,
  };
}

function compareSuffixes(a: Traits, b: Traits, say: Say): void {
  if (a.suffix === b.suffix) return;
  if (a.suffix && b.suffix) say(WEIGHT.otherSuffix, 'father and son by their suffix');
  else say(WEIGHT.oneSuffix, 'only one has a suffix');
}

/** Whether first and last name stand the other way round; near is enough to ask, not to be sure. */
const isSwapped = (a: Traits, b: Traits): boolean =>
  a.given !== '' &&
  a.family !== '' &&
  a.given !== a.family &&
  near(a.given, b.family) &&
  near(a.family, b.given) &&
  !near(a.given, b.given);

const near = (a: string, b: string) =>
  a === b || (a !== '' && b !== '' && (jaroWinkler(a, b) >= JW_NEAR || areOneSlipApart(a, b)));

function compareFamily(a: string, b: string): { weight: number; alike: boolean } {
  if (!a || !b) return { weight: 0, alike: true };
  if (a === b) return { weight: WEIGHT.family, alike: true };
  if (areNumbered(a, b)) return { weight: WEIGHT.otherFamily, alike: false };
  const similar = jaroWinkler(a, b);
  // One part of a double name: "Marsh" and "Marsh Lind".
  const part = a.split(' ').includes(b) || b.split(' ').includes(a);
  if (part || areOneSlipApart(a, b)) return { weight: WEIGHT.familySlip, alike: true };
  if (similar >= JW_NEAR) return { weight: WEIGHT.familyNear, alike: true };
  if (sharesOne(soundsOf(a), soundsOf(b)) && similar >= 0.7)
    return { weight: WEIGHT.familySounds, alike: true };
  return { weight: WEIGHT.otherFamily, alike: false };
}

interface Given {
  weight: number;
  alike: boolean;
  exact: boolean;
  nickname: boolean;
  /** Whether it is one name, written alike or as what people make of it. */
  sameName: boolean;
}

function compareGiven(a: Traits, b: Traits): Given {
  const xs = [a.given, a.goesBy].filter(Boolean);
  const ys = [b.given, b.goesBy].filter(Boolean);
  const answer = (
    weight: number,
    kind: 'exact' | 'nickname' | 'short' | 'near' | 'other',
  ): Given => ({
    weight,
    alike: kind !== 'other',
    exact: kind === 'exact',
    nickname: kind === 'nickname' || kind === 'short',
    sameName: kind === 'exact' || kind === 'nickname',
  });
  if (xs.length === 0 || ys.length === 0)
    return a.form && b.form && a.form !== b.form
      ? answer(WEIGHT.otherGiven, 'other')
      : answer(0, 'near');
  if (xs.some((x) => x.length > 1 && ys.includes(x))) return answer(WEIGHT.given, 'exact');
  const some = (test: (x: string, y: string) => boolean) =>
    xs.some((x) => ys.some((y) => test(x, y)));
  if (some((x, y) => (x.length === 1 || y.length === 1) && x[0] === y[0]))
    return answer(WEIGHT.givenInitial, 'near');
  if (some(areNicknames))
    return answer(WEIGHT.given, some(areSurelyNicknames) ? 'nickname' : 'short');
  if (some(arePairOfNames) || some(areNumbered)) return answer(WEIGHT.otherKnownGiven, 'other');
  if (some(near)) return answer(WEIGHT.givenNear, 'near');
  if (some((x, y) => jaroWinkler(x, y) >= JW_OTHER && sharesOne(soundsOf(x), soundsOf(y))))
    return answer(WEIGHT.givenNear, 'near');
  return answer(WEIGHT.otherGiven, 'other');
}

function compareBirthdays(a: string | null, b: string | null, say: Say): void {
  if (!a || !b) return;
  if (a === b)
    return say(a.length > 5 ? WEIGHT.birthday : WEIGHT.birthdayWithoutYear, 'same birthday');
  const yearless = a.length === 5 || b.length === 5;
  if (yearless && a.slice(-5) === b.slice(-5))
    return say(WEIGHT.birthdayWithoutYear, 'same birthday');
  const [x, y] = yearless ? [a.slice(-5), b.slice(-5)] : [a, b];
  const digits = [...x].filter((char, i) => char !== y[i]).length;
  if (digits === 1) return say(WEIGHT.birthdayNear, 'birthdays differ by one digit');
  say(WEIGHT.otherBirthday, 'different birthdays');
}
