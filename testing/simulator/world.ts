import type { TouchKind } from '@/core/touches';

// A plain world to live a year in by following a desk. It knows nothing of the planner, and does its
// own arithmetic, so that the two can be held against each other.

const WORKED = new Set([1, 2, 3, 4, 5]);
/** 1970-01-01 was a Thursday, the fourth day of its week. */
const weekday = (day: number) => ((((day + 3) % 7) + 7) % 7) + 1;

/** The same numbers for the same seed (mulberry32, public domain). */
export function chances(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Somebody in this world. */
export interface Soul {
  id: string;
  /** 0 is the innermost. */
  circle: number;
  promise: number;
  /** The promise holds through this day. */
  until: number;
  last: number | null;
  home: string | null;
  /** When their cadence of three beats, thirty days apart, began; null for nobody's. */
  cadenceFrom: number | null;
  settledUntil: number | null;
  broken: boolean;
  /** Tries that reached nobody, by what was tried. */
  missed: Set<string>;
  /** What comes of each try: the same whatever order people are called in. */
  luck: () => number;
}

export interface Owner {
  capacity: number;
  minutes: number | null;
  callsADay: number | null;
  distance: number;
}

export interface World {
  today: number;
  souls: Soul[];
  owner: Owner;
  daysOff: ReadonlySet<number>;
  /** Put off until, by key. */
  later: Map<string, number>;
  /** How many were made on each day. */
  made: Map<number, number>;
  chance: () => number;
}

/** A touch that a desk asks for. */
export interface Asked {
  key: string;
  person: string;
  kind: TouchKind;
  /** The day of the cadence that it settles; null for one that only keeps a promise. */
  nominal: number | null;
  /** Stands on a day of the owner's own choice: it may come near another touch. */
  fixed: boolean;
}

const PROMISES = [30, 60, 90, 180];
const START = 20_780; // 2026-11-23, a Monday

export const isWorked = (world: Pick<World, 'daysOff'>, day: number) =>
  WORKED.has(weekday(day)) && !world.daysOff.has(day);

export const nextWorked = (world: World, day: number): number =>
  isWorked(world, day) ? day : nextWorked(world, day + 1);

interface Kind {
  /** Touches a working day; there are as many people as load them so. */
  capacity: number;
  /** What is owed a day over what a day can hold: 1 is just enough. */
  load: number;
  /** Every call reaches somebody; else one in four does not. */
  sure?: boolean;
  cadences?: boolean;
  limits?: boolean;
}

/** A random sphere with so much owed for each place of a working day. */
export function randomWorld(seed: number, { capacity, load, sure, cadences, limits }: Kind): World {
  const keeps = sure ? 1 : CALL_KEEPS;
  const chance = chances(seed);
  const pick = <T>(all: readonly T[]) => all[Math.floor(chance() * all.length)]!;
  const souls: Soul[] = [];
  for (let owed = 0, i = 0; owed < capacity * load; i++) {
    const circle = pick([0, 1, 1, 2, 2, 3]);
    const promise = PROMISES[circle]!;
    owed += 365.25 / 261 / promise / keeps;
    souls.push({
      id: `p${i}`,
      circle,
      promise,
      until: START + Math.floor(chance() * promise),
      last: null,
      home: limits && chance() < 0.2 ? `h${Math.floor(chance() * 4)}` : null,
      cadenceFrom: cadences && chance() < 0.4 ? START - Math.floor(chance() * 90) : null,
      settledUntil: START - 1,
      broken: false,
      missed: new Set(),
      luck: sure ? () => 0 : chances(seed * 1000 + i),
    });
  }
  return {
    today: START,
    souls,
    owner: {
      capacity,
      minutes: limits && chance() < 0.3 ? 60 : null,
      callsADay: limits && chance() < 0.3 ? 4 : null,
      distance: 3,
    },
    daysOff: new Set(limits ? Array.from({ length: 8 }, (_, i) => START + 120 + i) : []),
    later: new Map(),
    made: new Map(),
    chance,
  };
}

/** So much of a promise a call keeps on the whole: three in four reach somebody, one in eight leaves word. */
const CALL_KEEPS = 0.75 + 0.12 / 2;

/** What came of a try, and the share of the promise that it keeps (the defaults of the product). */
function outcomeOf(kind: TouchKind, chance: number): number {
  if (kind === 'call') return chance < 0.75 ? 1 : chance < 0.87 ? 0.5 : 0;
  return { text: 0.5, social: 0.25, email: 0.5 }[kind as string] ?? 1;
}

export interface Year {
  /** Promises that held, day by day and person by person. */
  held: number;
  kept: number;
  broken: number;
  touches: number;
  /** Limits and distances that the desk did not keep. */
  faults: string[];
}

const MINUTES: Partial<Record<TouchKind, number>> = { call: 10, text: 3, social: 3 };

/** Lives so many days by doing what the desk says, and counts. */
export function live(world: World, days: number, desk: (world: World) => readonly Asked[]): Year {
  const year: Year = { held: 0, kept: 0, broken: 0, touches: 0, faults: [] };
  const byId = new Map(world.souls.map((soul) => [soul.id, soul]));
  for (const end = world.today + days; world.today < end; world.today++) {
    for (const soul of world.souls)
      if (soul.until >= world.today) year.held += 1;
      else if (!soul.broken) {
        soul.broken = true;
        year.broken += 1;
      }
    if (!isWorked(world, world.today)) continue;
    const asked = desk(world);
    year.faults.push(...faultsOf(world, asked, byId));
    for (const one of asked) make(world, byId.get(one.person)!, one, year);
    world.made.set(world.today, asked.length);
  }
  return year;
}

function make(world: World, soul: Soul, { key, kind, nominal }: Asked, year: Year): void {
  const { today } = world;
  const hold = outcomeOf(kind, soul.luck());
  if (hold === 0) {
    // Nobody answered: it comes back in two days.
    soul.missed.add(key);
    world.later.set(key, nextWorked(world, today + 2));
    return;
  }
  year.touches += 1;
  if (!soul.broken) year.kept += 1;
  soul.last = today;
  soul.until = Math.max(soul.until, today + Math.round(hold * soul.promise));
  soul.broken = soul.until < today;
  if (nominal !== null) soul.settledUntil = Math.max(soul.settledUntil ?? nominal, nominal);
}

/** What a day of this owner can't hold, or must not. */
function faultsOf(
  { today, owner }: World,
  asked: readonly Asked[],
  byId: ReadonlyMap<string, Soul>,
): string[] {
  const faults: string[] = [];
  const calls = asked.filter(({ kind }) => kind === 'call').length;
  const minutes = asked.reduce((sum, { kind }) => sum + (MINUTES[kind] ?? 5), 0);
  if (asked.length > owner.capacity) faults.push(`${today}: ${asked.length} touches`);
  if (owner.callsADay !== null && calls > owner.callsADay) faults.push(`${today}: ${calls} calls`);
  if (owner.minutes !== null && minutes > owner.minutes) faults.push(`${today}: ${minutes} min`);
  for (const { person, fixed } of asked) {
    const { last } = byId.get(person)!;
    if (!fixed && last !== null && today - last < owner.distance)
      faults.push(`${today}: ${person} after ${today - last} days`);
  }
  if (new Set(asked.map(({ person }) => person)).size < asked.filter((a) => !a.fixed).length)
    faults.push(`${today}: somebody twice`);
  return faults;
}
