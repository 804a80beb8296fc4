import { need } from '@/core/need';

/** How a tie is kept; 'child' reads from parent to child, 'referred_by' from who came to who sent. */
export const TIE_KINDS = [
  'partner',
  'child',
  'sibling',
  'friend',
  'colleague',
  'pet',
  'referred_by',
] as const;
export type TieKind = (typeof TIE_KINDS)[number];
/** How it is seen: also from the other side. */
export type TieSeen = TieKind | 'parent' | 'referred';

export const TIE_WORDS: Record<TieSeen, string> = {
  partner: 'Partner',
  child: 'Child',
  parent: 'Parent',
  sibling: 'Sibling',
  friend: 'Friend',
  colleague: 'Colleague',
  pet: 'Pet',
  referred_by: 'Sent by',
  referred: 'Sent',
};

/** A tie as the one on its other side sees it. */
export function otherSide(kind: TieSeen): TieSeen {
  if (kind === 'child') return 'parent';
  if (kind === 'parent') return 'child';
  if (kind === 'referred_by') return 'referred';
  return kind === 'referred' ? 'referred_by' : kind;
}

/** Ties between people of one kind that has a direction, from `from` to `to`. */
export interface Directed {
  from: string;
  to: string;
}

/** Whether `from` → `to` would close a circle: somebody their own ancestor, or sent by whom they sent. */
export function closesCircle(ties: readonly Directed[], from: string, to: string): boolean {
  const next = new Map<string, string[]>();
  for (const tie of ties) next.set(tie.from, [...(next.get(tie.from) ?? []), tie.to]);
  const open = [to];
  const seen = new Set<string>();
  while (open.length > 0) {
    const at = need(open.pop());
    if (at === from) return true;
    if (seen.has(at)) continue;
    seen.add(at);
    open.push(...(next.get(at) ?? []));
  }
  return false;
}
