/** Nothing but plain signs, as most texts by far. */
const PLAIN = /^[\x20-\x7E\n\t]*$/;
/** Signs without ink that copying leaves behind: marks of direction, breaks that are not seen. */
const INKLESS = /[\u200B\u200E\u200F\u202A-\u202E\u2060-\u2064\u2066-\u2069\uFEFF\u00AD]/g;
const AROUND = new RegExp(`^(?:\\s|${INKLESS.source})+|(?:\\s|${INKLESS.source})+$`, 'g');
const SPACES = /[\u00A0\u2000-\u200A\u202F\u205F\u3000]/g;
/** In other scripts they say how words are drawn, and stay. */
const LATIN = /^[\p{Script=Latin}\p{Script=Common}\p{Script=Inherited}]*$/u;

/**
 * A text as it was meant: nothing that has no ink around it, and nothing of the kind within where all of
 * it is in Latin letters; spaces of other widths are spaces there.
 */
export function tidyText(text: string): string {
  if (PLAIN.test(text)) return text.trim();
  const inner = LATIN.test(text) ? text.replace(INKLESS, '').replace(SPACES, ' ') : text;
  return inner.replace(AROUND, '');
}
