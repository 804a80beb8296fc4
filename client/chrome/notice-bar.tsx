import { useEffect } from 'react';
import { Text, View } from 'react-native';

import { useLastNotice, useNotify, useWrite } from '@/client/api';
import { Button } from '@/client/ui';
import { undoAction } from '@/contract/history';

const SHOWN_MS = 12_000;

/** One line at the foot: what was just done, with its undo. */
export function NoticeBar() {
  const notice = useLastNotice();
  const notify = useNotify();
  const undo = useWrite(undoAction);
  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(() => notify(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice, notify]);
  return (
    <View role="status" aria-live="polite">
      {notice ? (
        <View className="min-h-[52px] flex-row items-center gap-3 border-t border-line bg-sheet px-[18px]">
          <Text className="flex-1 py-2 font-sans text-[15px] text-ink">{notice.sentence}</Text>
          {notice.actionId ? (
            <Button
              weight="quiet"
              label="Undo"
              disabled={undo.isPending}
              onPress={() => undo.mutate({ params: { id: notice.actionId! } })}
            />
          ) : null}
          <Button weight="quiet" label="Dismiss" onPress={() => notify(null)} />
        </View>
      ) : null}
    </View>
  );
}
