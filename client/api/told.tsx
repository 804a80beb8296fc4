import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';

/** What was just done (or refused), told at the foot of the screen. */
export interface Told {
  sentence: string;
  /** The action that can be undone; null when there is nothing to undo. */
  actionId: string | null;
}

const TellContext = createContext<((told: Told | null) => void) | null>(null);
const ToldContext = createContext<Told | null>(null);

export function ToldProvider({ children }: { children: ReactNode }) {
  const [told, setTold] = useState<Told | null>(null);
  const tell = useCallback((next: Told | null) => setTold(next), []);
  return (
    <TellContext.Provider value={tell}>
      <ToldContext.Provider value={told}>{children}</ToldContext.Provider>
    </TellContext.Provider>
  );
}

export function useTold() {
  const tell = useContext(TellContext);
  if (!tell) throw new Error('useTold needs <ToldProvider> around the root layout.');
  return tell;
}

export const useLastTold = () => useContext(ToldContext);
