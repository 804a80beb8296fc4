import { Link, usePathname, useRouter } from 'expo-router';
import { useDeferredValue, useState, type ReactNode } from 'react';
import { Pressable, Text, View } from 'react-native';

import { Body, KEY_LIST, Opening, Overlay, useKey, useWide } from '@/client/ui';

import { DayMover } from './day-mover';
import { isAt, PLACES } from './places';
import { NoticeBar } from './notice-bar';
import { WorkBar } from './work-bar';

/** The frame around every screen: places in a bar at the foot, or in a rail when there is room. */
export function Chrome({ children }: { children: ReactNode }) {
  const wide = useWide();
  const path = usePathname();
  const router = useRouter();
  const [keys, setKeys] = useState(false);
  // The screen first; what tells of work, of what was done and of the day comes right after it.
  const screenShown = useDeferredValue(true, false);
  useKey('?', () => setKeys(true));
  useKey('/', () => router.navigate('/people?find=1'));
  useKey('n', () => router.navigate('/people/add'));
  return (
    <View className={`h-full w-full bg-paper ${wide ? 'flex-row' : 'flex-col-reverse'}`}>
      <Places wide={wide} />
      <View className="min-h-0 min-w-0 flex-1">
        <View role="main" className="min-h-0 flex-1">
          <Opening at={path}>{children}</Opening>
        </View>
        {screenShown ? <Foot /> : null}
      </View>
      {keys ? <KeyList onClose={() => setKeys(false)} /> : null}
    </View>
  );
}

/** What tells of work under way, of what was done, and of the demo's day. */
const Foot = () => (
  <>
    <WorkBar />
    <NoticeBar />
    <DayMover />
  </>
);

function Places({ wide }: { wide: boolean }) {
  const path = usePathname();
  return (
    <View
      role="navigation"
      aria-label="Places"
      className={
        wide ? 'w-[76px] gap-4 border-r border-line py-6' : 'flex-row border-t border-line pb-1'
      }
    >
      {PLACES.map(({ href, label, Icon }) => {
        const here = isAt(href, path);
        return (
          <Link key={href} href={href} asChild>
            <Pressable
              aria-current={here ? 'page' : undefined}
              className={`min-h-[56px] items-center justify-center gap-1 ${wide ? '' : 'flex-1'}`}
            >
              <View aria-hidden>
                <Icon size={20} strokeWidth={1.75} color={`rgb(var(--${here ? 'ink' : 'soft'}))`} />
              </View>
              <Text
                className={`text-[12px] ${here ? 'font-sans-semibold text-ink' : 'font-sans text-soft'}`}
              >
                {label}
              </Text>
            </Pressable>
          </Link>
        );
      })}
    </View>
  );
}

const KeyList = ({ onClose }: { onClose: () => void }) => (
  <Overlay title="Keys" onClose={onClose}>
    {KEY_LIST.map(([key, does]) => (
      <View key={key} className="flex-row gap-4">
        <Body className="w-16 font-sans-semibold">{key}</Body>
        <Body>{does}</Body>
      </View>
    ))}
  </Overlay>
);
