import { useEffect } from 'react';
import { View } from 'react-native';

import { useLastNotice, useNotify, useWrite } from '@/client/api';
import { Toast } from '@/client/ui';
import { undoAction } from '@/contract/history';

const SHOWN_MS = 12_000;

/** One line at the foot: what was just done, with its undo. */
export function NoticeBar() {
  const notice = useLastNotice();
  const notify = useNotify();
  const undo = useWrite(undoAction);
  const actionId = notice?.actionId;
  useEffect(() => {
    if (!notice) return;
    const timer = setTimeout(() => notify(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice, notify]);
  return (
    <View role="status" aria-live="polite">
      {notice ? (
        <Toast
          sentence={notice.sentence}
          busy={undo.isPending}
          onUndo={actionId ? () => undo.mutate({ params: { id: actionId } }) : undefined}
          onDismiss={() => notify(null)}
        />
      ) : null}
    </View>
  );
}
