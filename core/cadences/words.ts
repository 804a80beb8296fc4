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

const FIELD = /\{\{\s*([a-z_]+)\s*\}\}/gi;

export type FilledWords =
  | { ok: true; text: string }
  | { ok: false; reason: 'unknown_field' | 'missing_value'; field: string };

/**
 * Fills a beat's words for one person. An unknown field or a missing value is reported, never
 * printed as an empty gap.
 * @example fillWords('Call {{ name }}', { name: 'Ana' }) // { ok: true, text: 'Call Ana' }
 */
export function fillWords(
  words: Beat['words'],
  values: Partial<Record<BeatField, string | null>>,
): FilledWords {
  for (const [, raw] of words.matchAll(FIELD)) {
    const field = raw!.toLowerCase();
    if (!(BEAT_FIELDS as readonly string[]).includes(field))
      return { ok: false, reason: 'unknown_field', field };
    if (!values[field as BeatField]) return { ok: false, reason: 'missing_value', field };
  }
  return {
    ok: true,
    text: words.replace(FIELD, (_, raw: string) => values[raw.toLowerCase() as BeatField]!),
  };
}
