import { missingIn } from '@/core/templates';

import { lackingFor, type Beat, type Readable } from '.';

const beat = (change: Partial<Beat> = {}): Beat => ({
  id: 'b',
  timing: { on: 'after', days: 0 },
  kind: 'call',
  wordings: [],
  dayRule: 'next',
  way: 'hand',
  ...change,
});
const person = (change: Partial<Readable> = {}): Readable => ({
  has: { phone: true, email: true, address: true },
  refused: [],
  unasked: [],
  dates: [],
  values: { first_name: 'Ana', place: 'Port Ellery', loan_until: null },
  ...change,
});
const none = { phone: false, email: false, address: false };
const lacks = (beats: Beat[], change: Partial<Readable> = {}) =>
  lackingFor(beats, missingIn)(person(change));

test('who has everything lacks nothing', () => {
  const beats = [beat({ wordings: ['Hello {{ first_name }}'] }), beat({ kind: 'letter' })];
  expect(lacks(beats)).toEqual({ lacks: [], touches: 0 });
});

test.each([
  ['call', 'no phone', 'phone'],
  ['text', 'no phone', 'phone'],
  ['email', 'no e-mail', 'email'],
  ['card', 'no address', 'address'],
  ['visit', 'no address', 'address'],
] as const)('a %s needs what it is made with', (kind, words, field) => {
  expect(lacks([beat({ kind })], { has: none })).toEqual({ lacks: [{ words, field }], touches: 1 });
});

test('a no is told, and has no quick mending', () => {
  expect(lacks([beat({ kind: 'card' })], { refused: ['post', 'call'] }).lacks).toEqual([
    { words: 'said no to post', field: null },
  ]);
});

test('what is sent automatically needs permission, where the owner wants that', () => {
  const auto = beat({ kind: 'email', way: 'auto' });
  const change = { unasked: ['email', 'text'] };
  expect(lacks([auto], change)).toEqual({
    lacks: [{ words: 'no permission for e-mail yet', field: null }],
    touches: 1,
  });
  expect(lacks([beat({ kind: 'email' })], change).lacks).toEqual([]);
  expect(lacks([auto], { ...change, refused: ['email'] }).lacks).toEqual([
    { words: 'said no to e-mail', field: null },
  ]);
});

test('dates that are not known, by any writing of their name', () => {
  const around = (date: string) => beat({ timing: { on: 'around', date, days: -7 } });
  const beats = [around('Birthday '), around('Boat day')];
  expect(lacks(beats)).toEqual({
    lacks: [
      { words: 'no Birthday', field: 'birthday' },
      { words: 'no Boat day', field: null },
    ],
    touches: 2,
  });
  const dates = [{ name: 'birthday', month: 5, day: 4, year: null }];
  expect(lacks(beats, { dates }).touches).toBe(1);
});

test('words that can’t be filled in any of their wordings, each lack once, beats counted', () => {
  const beats = [
    beat({ wordings: ['Hello', 'How is {{ place }}, {{first_name}}?'] }),
    beat({ kind: 'social', wordings: ['{{ place }} until {{ loan_until }}'] }),
    beat({ kind: 'social' }),
  ];
  expect(lacks(beats, { values: { first_name: 'Ana', place: '', loan_until: null } })).toEqual({
    lacks: [
      { words: 'no place', field: 'place' },
      { words: 'no loan until', field: null },
    ],
    touches: 2,
  });
});

test('an errand needs no way to reach them, only what its words ask for', () => {
  const errand = { to: 'service', serviceId: 's' } as const;
  const tell = beat({ kind: 'other', way: 'auto', errand, wordings: ['Add {{ email }}'] });
  expect(lacks([tell], { has: none, refused: ['email'] }).lacks).toEqual([
    { words: 'no e-mail', field: 'email' },
  ]);
});
