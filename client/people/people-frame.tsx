import { Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { View } from 'react-native';

import { Opening, Soft, useWide } from '@/client/ui';

import { PeopleList } from './people-list';

/** With room, the list stays while sheets change beside it; on a phone one covers the other. */
export function PeopleFrame() {
  const wide = useWide();
  const path = usePathname();
  const { id } = useGlobalSearchParams<{ id?: string }>();
  if (!wide) return <Slot />;
  if (path === '/people/import' || path === '/people/views') return <Slot />;
  return (
    <View className="h-full flex-row">
      <View className="w-[440px] border-r border-line">
        <PeopleList openId={id ?? null} />
      </View>
      <View className="min-w-0 flex-1 bg-sheet">
        <Opening at={path}>
          <Slot />
        </Opening>
      </View>
    </View>
  );
}

/** The list itself on a phone; beside it, with room, an open place for a sheet. */
export function PeopleIndex() {
  const wide = useWide();
  if (!wide) return <PeopleList openId={null} />;
  return (
    <View className="flex-1 items-center justify-center">
      <Soft>Choose somebody to see their sheet.</Soft>
    </View>
  );
}
