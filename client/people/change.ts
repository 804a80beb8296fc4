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

/** What is filled in as a change; null while something is missing. */
export function toChange(kind: ChangeKind, value: string, what: string): Change | null {
  switch (kind) {
    case 'archive':
    case 'delete':
    case 'restore':
      return { do: kind };
    case 'circle':
      return value ? { do: kind, circleId: value === 'none' ? null : value } : null;
    case 'addTag':
    case 'removeTag':
      return value ? { do: kind, tag: value.replace(/^#/, '') } : null;
    case 'addRole':
    case 'removeRole':
      return value ? { do: kind, role: value } : null;
    case 'standing':
      return { do: kind, standing: value };
    case 'source':
      return { do: kind, source: value };
    case 'promise':
      return /^\d*$/.test(value) ? { do: kind, days: value === '' ? null : Number(value) } : null;
    case 'consent':
      return what && value
        ? {
            do: kind,
            channel: what as Channel,
            answer: value === 'none' ? null : (value as 'yes' | 'no'),
            cameFrom: '',
          }
        : null;
    case 'own':
      return what ? { do: kind, fieldId: what, value: value === '' ? null : value } : null;
  }
}
