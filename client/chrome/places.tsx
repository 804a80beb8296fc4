import Ellipsis from 'lucide-react-native/icons/ellipsis';
import LampDesk from 'lucide-react-native/icons/lamp-desk';
import Metronome from 'lucide-react-native/icons/metronome';
import Sunrise from 'lucide-react-native/icons/sunrise';
import Users from 'lucide-react-native/icons/users';

/** The five places of the application, in the order of the bar. */
export const PLACES = [
  { href: '/', label: 'Desk', Icon: LampDesk },
  { href: '/people', label: 'People', Icon: Users },
  { href: '/cadences', label: 'Cadences', Icon: Metronome },
  { href: '/ahead', label: 'Ahead', Icon: Sunrise },
  { href: '/more', label: 'More', Icon: Ellipsis },
] as const;

export const isAt = (href: string, path: string): boolean =>
  href === '/' ? path === '/' : path === href || path.startsWith(`${href}/`);
