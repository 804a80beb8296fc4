import type { DateShown, GreetingShown } from '@/contract/greetings';
import { andList, plural, shortDate, spokenDate, weekdayName, type PlainDate } from '@/core/time';
import { aKind, KIND_WORDS, type TouchKind } from '@/core/touches';

type Planned = NonNullable<DateShown['greeting']>;

/** What is planned for a date, or became of it: "A card, to be written by Tuesday". */
export function plannedWords(
  { kind, way, state, by, instead, withNames }: Planned,
  today: PlainDate,
): string {
  const shared = withNames.length > 0 ? `, with ${andList(withNames)}` : '';
  switch (state) {
    case 'made':
      return 'Greeted.';
    case 'dropped':
      return 'You dropped the greeting.';
    case 'passed':
      return 'No greeting was given.';
    case 'out':
      return 'The greeting is on its way.';
    case 'held':
      return 'The greeting waits under Out.';
    case 'late':
      return `Too late for the post${instead ? `: ${aKind(instead)} instead` : ''}${shared}.`;
    case 'planned': {
      const what = aKind(kind);
      const said = what.charAt(0).toUpperCase() + what.slice(1);
      const when = by ? `, to be written by ${spokenDate(by, today)}` : '';
      return `${said}${way === 'auto' ? ', sent automatically' : ''}${when}${shared}.`;
    }
  }
}

/** "Sat 5": a day within its month. */
export const dayInMonth = (on: PlainDate): string =>
  `${weekdayName(on).slice(0, 3)} ${Number(on.slice(8))}`;

/** "Sat, Dec 5": a day anywhere. */
export const dayShort = (on: PlainDate, today: PlainDate): string =>
  `${weekdayName(on).slice(0, 3)}, ${shortDate(on, today)}`;

export const STATE_WORDS: Record<GreetingShown['state'], string> = {
  planned: '',
  late: 'too late for the post',
  out: 'on its way',
  held: 'waits under Out',
  made: 'greeted',
  dropped: 'dropped',
  passed: 'not given',
};

/** "3 cards, 2 calls": how many there are of each kind. */
export function kindsWords(kinds: readonly TouchKind[]): string {
  const counts = new Map<TouchKind, number>();
  for (const kind of kinds) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts].map(([kind, n]) => plural(n, KIND_WORDS[kind].noun)).join(', ');
}

/** "20 minutes", "3 hours". */
export const hours = (minutes: number): string =>
  minutes < 90 ? plural(minutes, 'minute') : plural(Math.round(minutes / 60), 'hour');
