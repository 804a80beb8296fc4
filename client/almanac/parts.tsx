import { usePathname } from 'expo-router';
import { View } from 'react-native';
import Cake from 'lucide-react-native/icons/cake';
import Gem from 'lucide-react-native/icons/gem';
import House from 'lucide-react-native/icons/house';
import Baby from 'lucide-react-native/icons/baby';
import CalendarHeart from 'lucide-react-native/icons/calendar-heart';
import Sparkles from 'lucide-react-native/icons/sparkles';

import { Body, Linked } from '@/client/ui';
import { BIRTHDAY, FAMILY, isHoliday, SERVICE, WEDDING } from '@/core/almanac';

const PARTS = [
  { href: '/almanac', label: 'Dates' },
  { href: '/almanac/greetings', label: 'Greetings ahead' },
  { href: '/almanac/rules', label: 'Rules' },
  { href: '/almanac/calendars', label: 'Calendars' },
] as const;

/** The parts of the almanac, in a quiet line. */
export function AlmanacParts() {
  const path = usePathname();
  return (
    <View role="navigation" aria-label="The almanac" className="flex-row flex-wrap gap-x-4">
      {PARTS.map(({ href, label }) => {
        const here = path === href;
        return (
          <Linked
            key={href}
            href={href}
            aria-current={here ? 'page' : undefined}
            className={`min-h-[44px] justify-center border-b-2 ${here ? 'border-ink' : 'border-transparent'}`}
          >
            <Body className={here ? 'font-sans-semibold' : 'text-sea'}>{label}</Body>
          </Linked>
        );
      })}
    </View>
  );
}

const MARKS = { [BIRTHDAY]: Cake, [WEDDING]: Gem, [SERVICE]: House, [FAMILY]: Baby };

/** The mark of an occasion, for the eye alone: its words stand beside it. */
export function OccasionMark({ occasion }: { occasion: string }) {
  const Icon =
    MARKS[occasion as keyof typeof MARKS] ?? (isHoliday(occasion) ? Sparkles : CalendarHeart);
  return (
    <View aria-hidden className="pt-0.5">
      <Icon size={18} strokeWidth={1.5} color="rgb(var(--soft))" />
    </View>
  );
}
