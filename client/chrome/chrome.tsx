import { usePathname, useRouter } from 'expo-router';
import { useDeferredValue, useState, type ReactNode } from 'react';
import { View } from 'react-native';

import { Body, KEY_LIST, Opening, Overlay, useKey, useWide } from '@/client/ui';

import { ClockBar } from './clock-bar';
import { DayMover } from './day-mover';
import { NoticeBar } from './notice-bar';
import { Parts, Places } from './rail';
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
      <Places />
      <View className="min-h-0 min-w-0 flex-1">
        <Parts />
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
    <ClockBar />
    <DayMover />
  </>
);

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
