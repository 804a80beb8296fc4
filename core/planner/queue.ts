import { TOUCH_KINDS, type TouchKind } from '@/core/touches';

import { Heap } from './heap';

interface Queued {
  item: { kind: TouchKind };
  done: boolean;
}

/** Entries by urgency, kept by kind, so that a kind whose room is used up stands in nobody's way. */
export class Queue<E extends Queued> {
  private readonly heaps: [TouchKind, Heap<E>][];

  constructor(private readonly before: (a: E, b: E) => boolean) {
    this.heaps = TOUCH_KINDS.map((kind) => [kind, new Heap<E>(before)]);
  }

  get size(): number {
    return this.heaps.reduce((sum, [, heap]) => sum + heap.size, 0);
  }

  push(entry: E): void {
    this.heapOf(entry.item.kind).push(entry);
  }

  /** The most urgent open entry of the kinds that fit; it stays in the queue. */
  peek(fits: (kind: TouchKind) => boolean): E | undefined {
    let best: E | undefined;
    for (const [kind, heap] of this.heaps) {
      if (heap.size === 0) continue;
      while (heap.peek()?.done) heap.pop();
      const top = heap.peek();
      if (top && (!best || this.before(top, best)) && fits(kind)) best = top;
    }
    return best;
  }

  pop(fits: (kind: TouchKind) => boolean): E | undefined {
    const top = this.peek(fits);
    if (top) this.heapOf(top.item.kind).pop();
    return top;
  }

  /** Takes out the open entries at the head of each kind for which `leaves` holds. */
  takeWhile(leaves: (entry: E) => boolean): E[] {
    const taken: E[] = [];
    for (const [, heap] of this.heaps)
      for (let top = heap.peek(); top && (top.done || leaves(top)); top = heap.peek()) {
        heap.pop();
        if (!top.done) taken.push(top);
      }
    return taken;
  }

  private heapOf = (kind: TouchKind): Heap<E> => this.heaps[TOUCH_KINDS.indexOf(kind)]![1];
}
