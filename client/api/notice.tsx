import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';

/** What was just done (or refused), said at the foot of the screen. */
export interface Notice {
  sentence: string;
  /** The action that can be undone; null when there is nothing to undo. */
  actionId: string | null;
}

const NotifyContext = createContext<((notice: Notice | null) => void) | null>(null);
const NoticeContext = createContext<Notice | null>(null);

export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const notify = useCallback((next: Notice | null) => setNotice(next), []);
  return (
    <NotifyContext.Provider value={notify}>
      <NoticeContext.Provider value={notice}>{children}</NoticeContext.Provider>
    </NotifyContext.Provider>
  );
}

export function useNotify() {
  const notify = useContext(NotifyContext);
  if (!notify) throw new Error('useNotify needs <NoticeProvider> around the root layout.');
  return notify;
}

export const useLastNotice = () => useContext(NoticeContext);
