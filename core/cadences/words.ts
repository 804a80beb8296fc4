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

/** The merge fields that a text holds, each once. */
export const fieldsIn = (words: string): string[] => [
  ...new Set([...words.matchAll(FIELD)].map(([, field]) => field!.toLowerCase())),
];

/** A stable number from a text (FNV-1a, 32 bit), so that the same person always gets the same turn. */
function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++)
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash;
}

/**
 * The wording whose turn it is in a round. Each person begins at a place of their own, so that not
 * everybody gets the same text, and goes on by one a round, so that nobody gets it twice running.
 */
export function wordingOf(wordings: readonly string[], round: number, personId: string): string {
  const n = wordings.length;
  if (n === 0) return '';
  return wordings[(((round + hashOf(personId)) % n) + n) % n]!;
}

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
  words: string,
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
