export interface Figure {
  what: string;
  size: string;
  ms: number;
  /** The plain way to the same data, measured in the same run. */
  floor?: { what: string; ms: number };
  /** What the figure must keep to. */
  limit?: { what: string; kept: boolean };
}

export const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Median of several runs after one that is not counted, in milliseconds. */
export async function medianMs(work: () => unknown, runs = 7): Promise<number> {
  await work();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const started = performance.now();
    await work();
    times.push(performance.now() - started);
  }
  return median(times);
}

const ms = (value: number) => (value < 10 ? value.toFixed(2) : value.toFixed(0));

export function printTable(figures: readonly Figure[]): void {
  const rows = figures.map((f) => [
    f.what,
    f.size,
    ms(f.ms),
    f.floor ? `${ms(f.floor.ms)} (${f.floor.what})` : '',
    f.floor ? `${(f.ms / f.floor.ms).toFixed(2)}×` : '',
    f.limit ? `${f.limit.kept ? 'kept' : 'MISSED'}: ${f.limit.what}` : '',
  ]);
  const all = [['figure', 'size', 'ms', 'floor, ms', 'ratio', 'limit'], ...rows];
  const widths = all[0]!.map((_, i) => Math.max(...all.map((row) => row[i]!.length)));
  for (const row of all)
    console.log(
      row
        .map((cell, i) => cell.padEnd(widths[i]!))
        .join('  ')
        .trimEnd(),
    );
}
