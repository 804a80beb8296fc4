export interface Member {
  prefix: string;
  givenName: string;
  familyName: string;
  suffix: string;
  goesBy: string;
  company: string;
}

export interface Salutations {
  /** For envelopes: "Dana & Lee Marsh". */
  formal: string;
  /** After "Dear": "Dana & Lee". */
  familiar: string;
}

const join = (...parts: string[]) => parts.filter(Boolean).join(' ');
const first = (m: Member) => m.goesBy || m.givenName;

/**
 * How the people of one home are addressed: one person; a couple with one family name; a couple
 * with two; more than two. Missing parts never leave stray spaces or signs.
 */
export function salutations(members: readonly Member[]): Salutations {
  const named = members.filter((m) => first(m) || m.familyName);
  if (named.length === 0) {
    const company = members.find((m) => m.company)?.company ?? '';
    return { formal: company, familiar: company };
  }
  if (named.length === 1) {
    const [m] = named as [Member];
    const formal = join(m.prefix, m.givenName || m.goesBy, m.familyName, m.suffix);
    return { formal, familiar: first(m) || join(m.prefix, m.familyName) };
  }
  const families = [...new Set(named.map((m) => m.familyName).filter(Boolean))];
  if (named.length > 2) {
    const [family] = families;
    if (families.length === 1)
      return { formal: `The ${family} household`, familiar: `${family} household` };
    const all = listed(named.map((m) => first(m) || m.familyName));
    return {
      formal: families.length > 1 ? `The ${listed(families.slice(0, 2))} household` : all,
      familiar: all,
    };
  }
  const [a, b] = named as [Member, Member];
  const familiar = listed([a, b].map((m) => first(m) || join(m.prefix, m.familyName)));
  const oneFamily = families.length === 1 && first(a) && first(b);
  if (oneFamily && named.every((m) => m.familyName))
    return { formal: `${first(a)} & ${first(b)} ${a.familyName}`, familiar };
  return { formal: listed([a, b].map((m) => join(first(m), m.familyName, m.suffix))), familiar };
}

const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} & ${names.at(-1)}`;
