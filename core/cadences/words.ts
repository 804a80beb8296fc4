import type { Beat } from './cadence';

/** The merge fields that a beat's words may hold. */
export const BEAT_FIELDS = [
  'name',
  'first_name',
  'last_name',
  'company',
  'phone',
  'email',
  'place',
] as const;
export type BeatField = (typeof BEAT_FIELDS)[number];

const FIELD = /\{\{\s*([a-z_][a-z0-9_]*)\s*\}\}/gi;

export type FilledWords =
  | { ok: true; text: string }
  | { ok: false; reason: 'unknown_field' | 'missing_value'; field: string };

/** The merge field of an own field: "Loan until" is {{ loan_until }}. */
export const ownFieldName = (name: string): string =>
  name
    .normalize('NFD')
    .toLowerCase()
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '');

/**
 * Fills a beat's words for one person. An unknown field or a missing value is reported, never
 * printed as an empty gap. Fields beside {@link BEAT_FIELDS} are known when they have an entry in
 * `values`, be it null.
 * @example fillWords('Call {{ name }}', { name: 'Ana' }) // { ok: true, text: 'Call Ana' }
 */
export function fillWords(
  words: Beat['words'],
  values: Partial<Record<BeatField, string | null>> & Record<string, string | null | undefined>,
): FilledWords {
  for (const [, raw] of words.matchAll(FIELD)) {
    const field = raw!.toLowerCase();
    if (!(BEAT_FIELDS as readonly string[]).includes(field) && values[field] === undefined)
      return { ok: false, reason: 'unknown_field', field };
    if (!values[field]) return { ok: false, reason: 'missing_value', field };
  }
  return {
    ok: true,
    text: words.replace(FIELD, (_, raw: string) => values[raw.toLowerCase()]!),
  };
}
