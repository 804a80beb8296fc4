import type { Change } from '@/contract/many';
import type { Channel } from '@/core/people';

/** What can be done with many people at once. */
export const CHANGE_KINDS = [
  ['addTag', 'Put a tag on'],
  ['removeTag', 'Take a tag off'],
  ['circle', 'Move to a circle'],
  ['addRole', 'Give a role'],
  ['removeRole', 'Take a role off'],
  ['standing', 'Set the standing'],
  ['source', 'Set where they came from'],
  ['promise', 'Set a promise of their own'],
  ['consent', 'Note consent'],
  ['own', 'Set a field of your own'],
  ['archive', 'Archive'],
  ['delete', 'Delete'],
  ['restore', 'Bring back'],
] as const;
export type ChangeKind = (typeof CHANGE_KINDS)[number][0];

/** What is filled in for a change. */
export interface Filled {
  kind: ChangeKind;
  value: string;
  /** The channel or the own field that it is about. */
  what: string;
  /** Where a consent came from. */
  from: string;
}

export const NOTHING_FILLED = { value: '', what: '', from: '' };

/** Chosen to take something away: what is left empty asks for nothing yet. */
export const AWAY = '\u0000away';

const orAway = (value: string): string => (value === AWAY ? '' : value);

/** What is filled in as a change; null while something is missing. */
export function toChange({ kind, what, from, ...filled }: Filled): Change | null {
  const value = filled.value.trim() as Filled['value'];
  if (kind === 'archive' || kind === 'delete' || kind === 'restore') return { do: kind };
  if (!value) return null;
  switch (kind) {
    case 'circle':
      return { do: kind, circleId: value === AWAY ? null : value };
    case 'addTag':
    case 'removeTag':
      return { do: kind, tag: value.replace(/^#/, '') };
    case 'addRole':
    case 'removeRole':
      return { do: kind, role: value };
    case 'standing':
      return { do: kind, standing: orAway(value) };
    case 'source':
      return { do: kind, source: orAway(value) };
    case 'promise':
      if (value === AWAY) return { do: kind, days: null };
      return /^\d+$/.test(value) ? { do: kind, days: Number(value) } : null;
    case 'consent':
      return toConsent(what, value, from.trim());
    case 'own':
      return what ? { do: kind, fieldId: what, value: value === AWAY ? null : value } : null;
  }
}

/** A yes or a no is worth something only with where it came from. */
function toConsent(what: string, value: string, cameFrom: string): Change | null {
  const answer = value === AWAY ? null : (value as 'yes' | 'no');
  if (!what || (answer && !cameFrom)) return null;
  return { do: 'consent', channel: what as Channel, answer, cameFrom };
}
