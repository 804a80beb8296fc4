import { need } from '@/core/need';

/** A binary min-heap: the planner takes the most urgent item thousands of times a day. */
export class Heap<T> {
  private readonly items: T[] = [];

  constructor(private readonly before: (a: T, b: T) => boolean) {}

  get size(): number {
    return this.items.length;
  }

  peek(): T | undefined {
    return this.items[0];
  }

  push(item: T): void {
    const { items, before } = this;
    let i = items.push(item) - 1;
    while (i > 0) {
      const parent = (i - 1) >> 1;
      if (!before(item, need(items[parent]))) break;
      items[i] = need(items[parent]);
      i = parent;
    }
    items[i] = item;
  }

  pop(): T | undefined {
    const { items, before } = this;
    const top = items[0];
    const last = items.pop();
    if (top === undefined || last === undefined || items.length === 0) return top;
    let i = 0;
    for (;;) {
      let child = 2 * i + 1;
      if (child >= items.length) break;
      if (child + 1 < items.length && before(need(items[child + 1]), need(items[child])))
        child += 1;
      if (!before(need(items[child]), last)) break;
      items[i] = need(items[child]);
      i = child;
    }
    items[i] = last;
    return top;
  }
}
