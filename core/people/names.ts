export interface Names {
  givenName: string;
  familyName: string;
}

export interface NameParts extends Names {
  goesBy: string;
  company: string;
  email: string;
  phone: string;
}

/** What a person is called in lists; falls back to company, e-mail and phone, never to an empty text. */
export function displayName(parts: NameParts): string {
  const first = parts.goesBy || parts.givenName;
  const name = [first, parts.familyName].filter(Boolean).join(' ');
  return name || parts.company || parts.email || parts.phone || 'Somebody without a name';
}

/** Lower case without accents, for search: "Ærø Łódź" → "aero lodz". */
export function fold(text: string): string {
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
