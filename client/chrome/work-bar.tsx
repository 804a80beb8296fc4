import { useIsMutating, useQuery } from '@tanstack/react-query';
import { View } from 'react-native';

import { call } from '@/client/api';
import { Progress } from '@/client/ui';
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
  return (
    <View className="border-t border-line bg-sheet px-[18px]">
      <Progress {...data.work} onCancel={() => void call(cancelWork, {})} />
    </View>
  );
}
