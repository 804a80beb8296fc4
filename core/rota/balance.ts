import { need } from '@/core/need';

/** Which week (0 …) each group is called in, by its place in the list of groups. */
export type Weeks = number[];

/** People called in each week. */
export function weekTotals(assigned: Weeks, counts: readonly number[], weeks: number): number[] {
  const totals = Array.from({ length: weeks }, () => 0);
  assigned.forEach((week, group) => (totals[week] = need(totals[week]) + need(counts[group])));
  return totals;
}

/**
 * Groups laid out so that the largest week is as small as can be found. With two letters for every
 * week the largest is paired with the smallest, which is best (exchanging any two partners can only
 * make the larger pair larger). Otherwise the largest group goes into the week with least, then
 * groups change places until no exchange helps. Weeks are put in the order of their first letter.
 *
 * @param counts people in each group; the last `extras` groups stand outside the letters a week
 */
export function balance(
  counts: readonly number[],
  weeks: number,
  lettersAWeek: number,
  extras = 0,
): Weeks {
  const letters = counts.slice(0, counts.length - extras);
  const most = Math.max(lettersAWeek, Math.ceil(letters.length / weeks));
  const assigned =
    most === 2 && letters.length === 2 * weeks
      ? pairOff(letters)
      : exchange(largestFirst(letters, weeks, most), letters, weeks);
  const placed = inLetterOrder(assigned, weeks);
  // Few names are under no letter: they join the smallest week.
  for (const count of counts.slice(letters.length)) {
    const totals = weekTotals(placed, counts, weeks);
    placed.push(count === 0 ? weeks - 1 : totals.indexOf(Math.min(...totals)));
  }
  return placed;
}

const byCount = (counts: readonly number[]): number[] =>
  counts.map((_, group) => group).sort((a, b) => need(counts[b]) - need(counts[a]) || a - b);

function pairOff(counts: readonly number[]): Weeks {
  const order = byCount(counts);
  const assigned: Weeks = [];
  order.forEach((group, i) => (assigned[group] = Math.min(i, order.length - 1 - i)));
  return assigned;
}

function largestFirst(counts: readonly number[], weeks: number, most: number): Weeks {
  const assigned: Weeks = [];
  const totals = Array.from({ length: weeks }, () => ({ people: 0, letters: 0 }));
  for (const group of byCount(counts)) {
    let least = -1;
    totals.forEach(({ people, letters }, week) => {
      if (letters < most && (least < 0 || people < need(totals[least]).people)) least = week;
    });
    assigned[group] = least;
    need(totals[least]).people += need(counts[group]);
    need(totals[least]).letters += 1;
  }
  return assigned;
}

/** Each exchange makes the sum of squares smaller, so this ends; the cap is a guard alone. */
const MAX_EXCHANGES = 10_000;

/** Exchanges two groups, or moves one, as long as that makes the weeks more even. */
function exchange(start: Weeks, counts: readonly number[], weeks: number): Weeks {
  const assigned = [...start];
  const totals = weekTotals(assigned, counts, weeks);
  for (let n = 0; n < MAX_EXCHANGES; n++) {
    const step = bestExchange(assigned, totals, counts);
    if (!step) break;
    swap(assigned, totals, counts, step);
  }
  return assigned;
}

type Exchange = [a: number, b: number];

function swap(assigned: Weeks, totals: number[], counts: readonly number[], [a, b]: Exchange) {
  const by = need(counts[a]) - need(counts[b]);
  const [weekOfA, weekOfB] = [need(assigned[a]), need(assigned[b])];
  totals[weekOfA] = need(totals[weekOfA]) - by;
  totals[weekOfB] = need(totals[weekOfB]) + by;
  [assigned[a], assigned[b]] = [weekOfB, weekOfA];
}

/** What exchanging saves in the sum of squares of the weeks; more even weeks have a smaller one. */
function saving(
  assigned: Weeks,
  totals: readonly number[],
  counts: readonly number[],
  [a, b]: Exchange,
) {
  const by = need(counts[a]) - need(counts[b]);
  return 2 * by * (need(totals[need(assigned[a])]) - need(totals[need(assigned[b])]) - by);
}

function bestExchange(
  assigned: Weeks,
  totals: readonly number[],
  counts: readonly number[],
  allowed: (step: Exchange) => boolean = () => true,
  worth: (saved: number, step: Exchange) => number = (saved) => saved,
): Exchange | null {
  let best: Exchange | null = null;
  let most = 0;
  for (let a = 0; a < counts.length; a++)
    for (let b = 0; b < counts.length; b++) {
      if (need(counts[a]) <= need(counts[b]) || assigned[a] === assigned[b]) continue;
      const value = worth(saving(assigned, totals, counts, [a, b]), [a, b]);
      if (value > most && allowed([a, b])) [best, most] = [[a, b], value];
    }
  return best;
}

function inLetterOrder(assigned: Weeks, weeks: number): Weeks {
  const first = Array.from({ length: weeks }, (_, week) => {
    const group = assigned.indexOf(week);
    return { week, group: group < 0 ? Infinity : group };
  }).sort((a, b) => a.group - b.group || a.week - b.week);
  const placeOf = new Map(first.map(({ week }, place) => [week, place]));
  return assigned.map((week) => need(placeOf.get(week)));
}

/** Weeks by which a regrouping may move anybody's next call. */
export const MOST_WEEKS_MOVED = 2;
/** A week that is this much larger than the mean is worth moving people for. */
const UNEVEN = 1.1;

/**
 * Evens out weeks that have become uneven, keeping as many people in their week as it can: the
 * exchanges that even out most for each person moved come first, until no week is much larger than
 * the mean. No group moves by more than {@link MOST_WEEKS_MOVED} weeks.
 */
export function regroup(
  before: Weeks,
  counts: readonly number[],
  weeks: number,
): { weeks: Weeks; peopleMoved: number } {
  const assigned = [...before];
  const totals = weekTotals(assigned, counts, weeks);
  const mean = counts.reduce((sum, n) => sum + n, 0) / weeks;
  const near = (group: number, week: number) =>
    Math.abs(need(before[group]) - week) <= MOST_WEEKS_MOVED;
  const allowed = ([a, b]: Exchange) => near(a, need(assigned[b])) && near(b, need(assigned[a]));
  const moves = ([a, b]: Exchange) => need(counts[a]) + need(counts[b]);
  for (let n = 0; n < MAX_EXCHANGES && Math.max(...totals) > UNEVEN * mean; n++) {
    const step = bestExchange(assigned, totals, counts, allowed, (saved, s) => saved / moves(s));
    if (!step) break;
    swap(assigned, totals, counts, step);
  }
  const peopleMoved = counts.reduce(
    (sum, people, group) => sum + (assigned[group] === before[group] ? 0 : people),
    0,
  );
  return { weeks: assigned, peopleMoved };
}
