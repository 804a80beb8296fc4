import { decode, guessColumns, importRows, readTable } from '@/core/intake';
import { faultOf } from '@/core/cadences';
import { addDays, daysBetween, plainDate } from '@/core/time';
import { holdOf, outcomesOf } from '@/core/touches';

import { makeCadences } from './cadences';
import { pastTouches } from './history';
import { Notes } from './notes';
import { makePeople, toCsv } from './people';
import { Random } from './random';
import { PLACES } from './words';

const today = plainDate('2026-11-23');
const people = makePeople(new Random(4310));

test('the same seed gives the same people, another seed others', () => {
  expect(makePeople(new Random(4310))).toEqual(people);
  expect(makePeople(new Random(4311))).not.toEqual(people);
});

test('about 240 people in eight neighborhoods, all with different names', () => {
  expect(people).toHaveLength(240);
  expect(new Set(people.map((p) => p.Neighborhood).filter(Boolean)).size).toBe(PLACES.length);
  expect(new Set(people.map((p) => `${p['First name']} ${p['Last name']}`)).size).toBe(240);
});

test('nothing in it could belong to anybody', () => {
  for (const person of people) {
    if (person['E-mail']) expect(person['E-mail']).toMatch(/@example\.(com|org|net)$/);
    if (person.Phone) expect(person.Phone).toMatch(/^\d{3}-555-01\d\d$/);
    if (person.ZIP) expect(person.ZIP).toMatch(/^000[1-4]\d$/);
  }
  const phones = people.map((p) => p.Phone).filter(Boolean);
  expect(new Set(phones).size).toBe(phones.length);
});

test('every column of its file is understood, and every row can be read', () => {
  const read = readTable(decode(new TextEncoder().encode(toCsv(people)))!);
  if (!read.ok) throw new Error('unreadable');
  const mapping = guessColumns(read.table).map(({ use }) => use);
  expect(mapping.filter((use) => use === null || use === 'aside')).toEqual([]);
  const result = importRows(read.table, mapping, { today });
  expect(result.faults).toEqual([]);
  expect(result.people).toHaveLength(240);
});

test('some share a home and a family name', () => {
  const home = (p: (typeof people)[0]) => `${p['Last name']}, ${p.Street}`;
  const homes = new Map<string, number>();
  for (const one of people) if (one.Street) homes.set(home(one), (homes.get(home(one)) ?? 0) + 1);
  expect([...homes.values()].filter((n) => n === 2).length).toBeGreaterThanOrEqual(15);
});

test('no note is written twice', () => {
  const notes = new Notes(new Random(1));
  const all = Array.from({ length: 900 }, () => notes.next());
  expect(new Set(all).size).toBe(900);
});

test('its cadences can be run', () => {
  for (const { draft } of makeCadences('a-service', {})) expect(faultOf(draft)).toBeNull();
});

test('a history runs roughly at the pace of the promise, with outcomes that go with the kind', () => {
  const span = { from: addDays(today, -400), to: today };
  const random = new Random(1);
  const many = Array.from({ length: 200 }, (_, i) =>
    pastTouches(random, `p${i}`, 60, span, () => ''),
  );
  for (const touch of many.flat()) {
    expect(outcomesOf(touch.kind)).toContain(touch.outcome);
    expect(touch.on >= span.from && touch.on < span.to).toBe(true);
  }
  const gaps = many.flatMap((list) => list.slice(1).map((t, i) => daysBetween(list[i]!.on, t.on)));
  const mean = gaps.reduce((a, b) => a + b, 0) / gaps.length;
  expect(mean).toBeGreaterThan(28);
  expect(mean).toBeLessThan(60);
  expect(
    many.flat().filter((t) => holdOf(t.kind, t.outcome) > 0).length / many.flat().length,
  ).toBeGreaterThan(0.85);
});
