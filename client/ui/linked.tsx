import { Link, type Href } from 'expo-router';
import { Pressable, Text, type PressableProps } from 'react-native';

type Props = Omit<PressableProps, 'role'> & { href: string; className?: string };

/** Something that leads elsewhere: a real link, so that Enter, a new tab and a screen reader know it. */
export const Linked = ({ href, ...rest }: Props) => (
  <Link href={href as Href} asChild>
    <Pressable {...rest} />
  </Link>
);

/** A link that looks like a button: it leads to where something is done. */
export const LinkedButton = ({ href, label }: { href: string; label: string }) => (
  <Linked
    href={href}
    className="min-h-[44px] max-w-full justify-center rounded border border-ink bg-sheet px-4"
  >
    <Text className="min-w-0 shrink font-sans-semibold text-[0.9375rem] text-ink">{label}</Text>
  </Linked>
);
