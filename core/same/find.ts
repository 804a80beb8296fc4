import { need } from '@/core/need';

import { sharesTheirOwn, type Common } from './doubts';
import { areNicknames } from './nicknames';
import { compare, type Comparison } from './score';
import { matchKeys, type Traits } from './traits';

export interface Known {
  id: string;
  traits: Traits;
}

export interface Pair extends Comparison {
  /** The ids of the two; `a` is the one that stood first. */
  a: string;
  b: string;
}

/**
 * Under a key that more people share than this (a switchboard, a very common name) nobody is compared
 * with everybody: only with those next to them in the order of all that is known of them, the
 * sorted-neighbourhood method of Hernández and Stolfo 1995. So the work stays near-linear.
 */
const CROWD = 60;
const NEIGHBOURS = 12;

/**
 * Pairs that are surely or perhaps one person. With `incoming`, only pairs of which at least one
 * is incoming; each pair once, the likeliest first. Nobody is compared with everybody: only with
 * those under a common key. Two who come in together are surely one only by something of their own:
 * a list seldom names somebody twice, and often two of one home.
 */
export function findSame(people: readonly Known[], incoming?: ReadonlySet<string>): Pair[] {
  const byKey = new Map<string, number[]>();
  people.forEach(({ traits }, i) => {
    for (const key of matchKeys(traits)) {
      const under = byKey.get(key);
      if (under) under.push(i);
      else byKey.set(key, [i]);
    }
  });
  const common = commonEmails(people);
  const seen = new Set<number>();
  const pairs: Pair[] = [];
  const look = (a: number, b: number) => {
    const [one, other] = [need(people[a]), need(people[b])];
    const news = Number(incoming?.has(one.id)) + Number(incoming?.has(other.id));
    if (incoming && news === 0) return;
    const both = Math.min(a, b) * people.length + Math.max(a, b);
    if (seen.has(both)) return;
    seen.add(both);
    const found = compare(one.traits, other.traits, common);
    if (found.verdict === 'different') return;
    if (news === 2 && found.verdict === 'sure' && !sharesTheirOwn(one.traits, other.traits, common))
      found.verdict = 'ask';
    pairs.push({
      a: need(people[Math.min(a, b)]).id,
      b: need(people[Math.max(a, b)]).id,
      ...found,
    });
  };
  for (const under of byKey.values()) {
    const isCrowd = under.length > CROWD;
    const order = isCrowd ? sorted(people, under) : under;
    for (let x = 0; x < order.length; x++) {
      const end = isCrowd ? Math.min(order.length, x + 1 + NEIGHBOURS) : order.length;
      for (let y = x + 1; y < end; y++) look(need(order[x]), need(order[y]));
    }
  }
  return pairs.sort(
    (p, q) => q.score - p.score || (p.a < q.a ? -1 : p.a > q.a ? 1 : p.b < q.b ? -1 : 1),
  );
}

/** E-mail addresses under which different first names stand: they are a home's. */
function commonEmails(people: readonly Known[]): Common {
  const first = new Map<string, string>();
  const common = new Set<string>();
  for (const { traits } of people)
    for (const email of traits.given ? traits.emails : []) {
      const known = first.get(email) ?? traits.given;
      first.set(email, known);
      if (known !== traits.given && !areNicknames(known, traits.given)) common.add(email);
    }
  return common;
}

/** Places of people in an order in which those who may be one stand near each other. */
function sorted(people: readonly Known[], places: readonly number[]): number[] {
  const orderOf = ({ family, given, middle, birthday, emails, phones, homes }: Traits) =>
    [family, given, middle, birthday ?? '', phones[0] ?? '', homes[0] ?? '', emails[0] ?? ''].join(
      ' ',
    );
  const keys = new Map(places.map((place) => [place, orderOf(need(people[place]).traits)]));
  return places.toSorted((x, y) => (need(keys.get(x)) < need(keys.get(y)) ? -1 : 1));
}
