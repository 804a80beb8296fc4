import { useIsMutating, useQuery } from '@tanstack/react-query';
import { View } from 'react-native';

import { call } from '@/client/api';
import { Button, Soft } from '@/client/ui';
import { cancelWork, getWork } from '@/contract/history';

const LOOK_EVERY_MS = 700;

/**
 * While a large action is under way: how far it is, and a way to call it off. Looked for while
 * something is written here, and whenever the window is opened or returned to.
 */
export function WorkBar() {
  const writing = useIsMutating() > 0;
  const { data } = useQuery({
    queryKey: [getWork.path],
    queryFn: ({ signal }) => call(getWork, {}, { signal }),
    refetchInterval: ({ state }) => (writing || state.data?.work ? LOOK_EVERY_MS : false),
    refetchOnWindowFocus: 'always',
  });
  if (!data?.work) return null;
  const { what, done, of } = data.work;
  const share = of ? done / of : 0;
  return (
    <View role="status" aria-live="polite" className="border-t border-line bg-sheet px-[18px]">
      <View className="min-h-[52px] flex-row items-center gap-3">
        <Soft className="flex-1">
          {of ? `${what}: ${done.toLocaleString()} of ${of.toLocaleString()}` : `${what} …`}
        </Soft>
        <Button weight="quiet" label="Call it off" onPress={() => void call(cancelWork, {})} />
      </View>
      <View className="h-[3px] bg-line">
        <View className="h-[3px] bg-good" style={{ width: `${Math.round(share * 100)}%` }} />
      </View>
    </View>
  );
}
