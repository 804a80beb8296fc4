import type { Address, Reach } from './record';

export interface Names {
  givenName: string;
  familyName: string;
}

export interface NameParts extends Names {
  goesBy: string;
  suffix: string;
  prefix?: string;
  company: string;
  emails: readonly Reach[];
  phones: readonly Reach[];
}

/** What a person is called in lists, "Mr. Penhale" where no first name is known; falls back to company, e-mail and phone, never to an empty text. */
export function displayName(parts: NameParts): string {
  const first = parts.goesBy || parts.givenName || (parts.familyName && parts.prefix);
  const name = [first, parts.familyName, parts.suffix].filter(Boolean).join(' ');
  const reach = parts.emails[0]?.value || parts.phones[0]?.value;
  return name || parts.company || reach || 'Somebody without a name';
}

/** What people are ordered by: the family name, then the rest of the name, folded. */
export const sortName = (parts: NameParts): string =>
  fold([parts.familyName, displayName(parts)].filter(Boolean).join(' '));

/** Lower case without accents, for search: "Ærø Łódź" → "aero lodz". */
export function fold(text: string): string {
  // Plain ASCII, by far the most frequent, folds at once.
  if (/^[\x00-\x7f]*$/.test(text)) return text.toLowerCase();
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .replace(/[æ]/g, 'ae')
    .replace(/[œ]/g, 'oe')
    .replace(/[øð]/g, (c) => (c === 'ø' ? 'o' : 'd'))
    .replace(/ł/g, 'l')
    .replace(/þ/g, 'th');
}

/** A North American number as people write it; others stay as they are kept. */
export const formatPhone = (phone: string): string =>
  phone.replace(/^\+1(\d{3})(\d{3})(\d{4})$/, '($1) $2-$3');

interface Searched extends NameParts {
  prefix: string;
  middleName: string;
  jobTitle: string;
  addresses: readonly Address[];
  links: readonly Reach[];
  interests: readonly string[];
}

/** The folded text of a person that search looks in; phones as written and as digits alone. */
export function searchText(p: Searched): string {
  const words = [p.prefix, p.givenName, p.middleName, p.goesBy, p.familyName, p.suffix];
  const places = p.addresses.flatMap((a) => [a.line, a.city, a.region, a.postalCode, a.place]);
  const reach = [...p.emails, ...p.phones, ...p.links].map(({ value }) => value);
  const digits = p.phones.map(({ value }) => value.replace(/\D/g, ''));
  const all = [...words, p.company, p.jobTitle, ...reach, ...digits, ...places, ...p.interests];
  return fold(all.filter(Boolean).join(' '));
}
