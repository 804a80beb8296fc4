/** A seeded stream of numbers in [0, 1): the same seed gives the same scenario. */
export class Random {
  constructor(private state: number) {}

  next(): number {
    // mulberry32, public domain
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  }

  /** A whole number from `low` to `high`, both included. */
  int(low: number, high: number): number {
    return low + Math.floor(this.next() * (high - low + 1));
  }

  chance(p: number): boolean {
    return this.next() < p;
  }

  pick<T>(from: readonly T[]): T {
    return from[Math.floor(this.next() * from.length)]!;
  }

  shuffled<T>(from: readonly T[]): T[] {
    const out = [...from];
    for (let i = out.length - 1; i > 0; i--) {
      const j = this.int(0, i);
      [out[i], out[j]] = [out[j]!, out[i]!];
    }
    return out;
  }
}
