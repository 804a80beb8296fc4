import { Link, usePathname } from 'expo-router';
import { Pressable, Text, View } from 'react-native';

import { Linked, useWide } from '@/client/ui';

import { openOf, placesOf, type Part, type Place } from './places';

/** The places that there are now, and which of them is open. */
function usePlaces() {
  const wide = useWide();
  const path = usePathname();
  const places = placesOf(wide);
  return { wide, path, places, open: openOf(places, path) };
}

/** Places in a bar at the foot, or by name in a rail when there is room. */
export function Places() {
  const { wide, places, open } = usePlaces();
  return (
    <View
      role="navigation"
      aria-label="Places"
      className={
        wide ? 'w-[148px] gap-1 border-r border-line py-6' : 'flex-row border-t border-line pb-1'
      }
    >
      {places.map((place) => (
        <PlaceLink key={place.label} place={place} here={place === open} wide={wide} />
      ))}
    </View>
  );
}

function PlaceLink({ place, here, wide }: { place: Place; here: boolean; wide: boolean }) {
  const { href, label, Icon } = place;
  const shape = wide
    ? `min-h-[44px] flex-row px-4 ${here ? 'bg-sheet' : ''}`
    : 'min-h-[56px] flex-1 justify-center';
  return (
    <Link href={href as never} asChild>
      <Pressable
        aria-current={here ? 'page' : undefined}
        className={`items-center ${wide ? 'gap-3' : 'gap-1'} ${shape}`}
      >
        <View aria-hidden>
          <Icon size={20} strokeWidth={1.75} color={`rgb(var(--${here ? 'ink' : 'soft'}))`} />
        </View>
        <Text
          className={`${wide ? 'min-w-0 flex-1 text-[0.875rem]' : 'text-[0.75rem]'} ${here ? 'font-sans-semibold text-ink' : 'font-sans text-soft'}`}
        >
          {label}
        </Text>
      </Pressable>
    </Link>
  );
}

/** The quiet line of words that leads to the parts of the place that is open. */
export function Parts() {
  const { path, open, wide } = usePlaces();
  const parts: readonly Part[] = open?.parts ?? [];
  if (!open || parts.length === 0) return null;
  const here = openOf(parts, path);
  return (
    <View
      role="navigation"
      aria-label={`Parts of ${open.label}`}
      className={`flex-row flex-wrap gap-x-5 border-b border-line ${wide ? 'px-10' : 'px-[18px]'}`}
    >
      {parts.map((part) => (
        <Linked
          key={part.href}
          href={part.href}
          aria-current={part === here ? 'page' : undefined}
          className="min-h-[44px] justify-center"
        >
          <Text
            className={`text-[0.875rem] ${part === here ? 'font-sans-semibold text-ink' : 'font-sans text-sea'}`}
          >
            {part.label}
          </Text>
        </Linked>
      ))}
    </View>
  );
}
