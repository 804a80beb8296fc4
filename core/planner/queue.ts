import { need } from '@/core/need';
import { TOUCH_KINDS, type TouchKind } from '@/core/touches';

import { Heap } from './heap';

interface Queued {
  item: { kind: TouchKind };
  /** Goes before the others when not all can be in time. */
  firm: boolean;
  done: boolean;
}

interface Part<E> {
  kind: TouchKind;
  firm: boolean;
  heap: Heap<E>;
}

/**
 * Entries by urgency, kept by kind, so that a kind whose room is used up stands in nobody's way, and
 * the firm ones apart.
 */
export class Queue<E extends Queued> {
  private readonly parts: Part<E>[];

  constructor(private readonly before: (a: E, b: E) => boolean) {
    this.parts = TOUCH_KINDS.flatMap((kind) =>
      [false, true].map((firm) => ({ kind, firm, heap: new Heap<E>(before) })),
    );
  }

  get size(): number {
    return this.parts.reduce((sum, { heap }) => sum + heap.size, 0);
  }

  push(entry: E): void {
    this.heapOf(entry).push(entry);
  }

  /** The most urgent open entry of the kinds that fit, or of the firm ones; it stays in the queue. */
  peek(fits: (kind: TouchKind) => boolean, onlyFirm = false): E | undefined {
    let best: E | undefined;
    for (const { kind, firm, heap } of this.parts) {
      if (heap.size === 0 || (onlyFirm && !firm)) continue;
      while (heap.peek()?.done) heap.pop();
      const top = heap.peek();
      if (top && (!best || this.before(top, best)) && fits(kind)) best = top;
    }
    return best;
  }

  pop(fits: (kind: TouchKind) => boolean): E | undefined {
    const top = this.peek(fits);
    if (top) this.heapOf(top).pop();
    return top;
  }

  /** Takes out an entry that {@link peek} has shown. */
  take(shown: E): E {
    this.heapOf(shown).pop();
    return shown;
  }

  /** Takes out the open entries at the head of each kind for which `leaves` holds. */
  takeWhile(leaves: (entry: E) => boolean): E[] {
    const taken: E[] = [];
    for (const { heap } of this.parts)
      for (let top = heap.peek(); top && (top.done || leaves(top)); top = heap.peek()) {
        heap.pop();
        if (!top.done) taken.push(top);
      }
    return taken;
  }

  private heapOf = ({ item, firm }: E): Heap<E> =>
    need(this.parts[2 * TOUCH_KINDS.indexOf(item.kind) + (firm ? 1 : 0)]).heap;
}
