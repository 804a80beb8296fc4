import { useEffect } from 'react';
import { Text, View } from 'react-native';

import { useLastTold, useTold, useWrite } from '@/client/api';
import { Button } from '@/client/ui';
import { undoAction } from '@/contract/settings';

const SHOWN_MS = 12_000;

/** One line at the foot: what was just done, with its undo. */
export function ToldBar() {
  const told = useLastTold();
  const tell = useTold();
  const undo = useWrite(undoAction);
  useEffect(() => {
    if (!told) return;
    const timer = setTimeout(() => tell(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [told, tell]);
  return (
    <View role="status" aria-live="polite">
      {told ? (
        <View className="min-h-[52px] flex-row items-center gap-3 border-t border-line bg-sheet px-[18px]">
          <Text className="flex-1 py-2 font-sans text-[15px] text-ink">{told.sentence}</Text>
          {told.actionId ? (
            <Button
              weight="quiet"
              label="Undo"
              disabled={undo.isPending}
              onPress={() => undo.mutate({ params: { id: told.actionId! } })}
            />
          ) : null}
          <Button weight="quiet" label="Dismiss" onPress={() => tell(null)} />
        </View>
      ) : null}
    </View>
  );
}
