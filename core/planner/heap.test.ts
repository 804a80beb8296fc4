import fc from 'fast-check';

import { Heap } from './heap';

test('gives back in order whatever was put in, however puts and takes alternate', () => {
  fc.assert(
    fc.property(fc.array(fc.option(fc.integer())), (steps) => {
      const heap = new Heap<number>((a, b) => a < b);
      const held: number[] = [];
      for (const step of steps) {
        if (step === null) {
          held.sort((a, b) => a - b);
          expect(heap.pop()).toBe(held.shift());
        } else {
          heap.push(step);
          held.push(step);
        }
        expect(heap.size).toBe(held.length);
      }
    }),
  );
});
