import { need } from '@/core/need';
import { fold } from '@/core/people';

/** Which name a rota goes by. */
export const NAME_PARTS = ['family', 'given'] as const;
export type NamePart = (typeof NAME_PARTS)[number];

/** Whether "de la Cruz" stands under D, as it is written, or under C, its main word. */
export const PARTICLES = ['first', 'main'] as const;
export type ParticleRule = (typeof PARTICLES)[number];

export const ALPHABET = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
/** The group of names that begin with a digit or another script, and of those without a name. */
export const OTHER = '…';

/** Words before a family name that may be passed over (common practice, no source). */
const PARTICLE_WORDS = new Set(
  'al bin d da de del della den der di do dos du el la las le les los st ten ter van von vom zu zum zur'.split(
    ' ',
  ),
);

/**
 * The first two letters that a name stands under, folded: "Åse" → AS, "Łódź" → LO. Digits, other
 * scripts and an empty name stand under {@link OTHER}. The second is empty for names of one letter.
 */
export function initialsOf(
  name: string,
  particles: ParticleRule,
): { letter: string; second: string } {
  const words = fold(name.trim())
    .split(/[\s'’-]+/)
    .filter(Boolean);
  const main = particles === 'main' ? words.findIndex((word) => !PARTICLE_WORDS.has(word)) : 0;
  const rest = words.slice(Math.max(0, main)).join('').toUpperCase();
  if (!/^[A-Z]/.test(rest)) return { letter: OTHER, second: '' };
  const second = rest[1] ?? '';
  return { letter: need(rest[0]), second: /[A-Z]/.test(second) ? second : '' };
}
