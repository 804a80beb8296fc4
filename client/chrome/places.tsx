import BookOpen from 'lucide-react-native/icons/book-open';
import CalendarHeart from 'lucide-react-native/icons/calendar-heart';
import CalendarRange from 'lucide-react-native/icons/calendar-range';
import Ellipsis from 'lucide-react-native/icons/ellipsis';
import LampDesk from 'lucide-react-native/icons/lamp-desk';
import Metronome from 'lucide-react-native/icons/metronome';
import Send from 'lucide-react-native/icons/send';
import Sunrise from 'lucide-react-native/icons/sunrise';
import Users from 'lucide-react-native/icons/users';

import { need } from '@/core/need';

/** A screen with a name of its own. */
export interface Part {
  href: string;
  label: string;
  /** Screens elsewhere that belong to it. */
  also?: readonly string[];
}

/** A place of the bar, with the parts to which its quiet line leads. */
export interface Place extends Part {
  Icon: typeof Ellipsis;
  parts: readonly Part[];
}

const MORE_PARTS: readonly Part[] = [
  { href: '/more', label: 'Your days' },
  { href: '/lists', label: 'Lists, circles and fields' },
  { href: '/kinds', label: 'Kinds of touch' },
  { href: '/tidy', label: 'Tidy up' },
  { href: '/people/import', label: 'Imports' },
  { href: '/services', label: 'Services' },
  { href: '/web-form', label: 'Web form' },
  { href: '/safety', label: 'Safety' },
];

const DESK: Place = { href: '/', label: 'Desk', Icon: LampDesk, parts: [] };
const PEOPLE: Place = { href: '/people', label: 'People', Icon: Users, parts: [] };
const OUT: Place = {
  href: '/out',
  label: 'Out',
  Icon: Send,
  parts: [
    { href: '/out', label: 'Going' },
    { href: '/out/back', label: 'Came back' },
    { href: '/out/gone', label: 'Gone' },
    { href: '/out/words', label: 'Words' },
    { href: '/out/carriers', label: 'Carriers' },
  ],
};
const MORE: Place = { href: '/more', label: 'More', Icon: Ellipsis, parts: MORE_PARTS };

const CADENCES: Place = {
  href: '/cadences',
  label: 'Cadences',
  Icon: Metronome,
  parts: [],
  also: ['/enrol'],
};
const AHEAD: Place = { href: '/ahead', label: 'Ahead', Icon: Sunrise, parts: [] };
const ALMANAC: Place = { href: '/almanac', label: 'Almanac', Icon: CalendarHeart, parts: [] };
const PATTERNS: Place = {
  href: '/cadences/patterns',
  label: 'Pattern book',
  Icon: BookOpen,
  parts: [],
};
const PLANS: Place = {
  href: '/cadences',
  label: 'Plans',
  Icon: CalendarRange,
  parts: [CADENCES, AHEAD, ALMANAC, PATTERNS],
};

/** The bar of a phone holds five places at most; the rail of a wide window names every part. */
export const placesOf = (wide: boolean): readonly Place[] =>
  wide
    ? [DESK, PEOPLE, CADENCES, AHEAD, ALMANAC, PATTERNS, OUT, MORE]
    : [DESK, PEOPLE, PLANS, OUT, MORE];

const covers = (href: string, path: string): boolean =>
  href === '/' ? path === '/' : path === href || path.startsWith(`${href}/`);

/** The length of the address by which a place, or one of its parts, covers where we are; else 0. */
const reach = (
  { href, also = [], parts = [] }: Part & { parts?: readonly Part[] },
  path: string,
): number =>
  Math.max(
    ...[href, ...also].map((at) => (covers(at, path) ? at.length : 0)),
    ...parts.map((part) => reach(part, path)),
  );

/** Where we are: of several that cover the path, the one that names most of it. */
export function openOf<P extends Part>(places: readonly P[], path: string): P | null {
  const best = Math.max(0, ...places.map((place) => reach(place, path)));
  return best === 0 ? null : need(places.find((place) => reach(place, path) === best));
}
