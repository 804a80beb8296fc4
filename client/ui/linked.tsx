import { Link, type Href } from 'expo-router';
import { Pressable, type PressableProps } from 'react-native';

type Props = Omit<PressableProps, 'role'> & { href: string; className?: string };

/** Something that leads elsewhere: a real link, so that Enter, a new tab and a screen reader know it. */
export const Linked = ({ href, ...rest }: Props) => (
  <Link href={href as Href} asChild>
    <Pressable {...rest} />
  </Link>
);
