import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';

import type { Who } from '@/contract/filters';

/** The people that the next screen is about, with how many they were when they were chosen. */
export interface Selection {
  who: Who;
  people: number;
}

interface SelectionState {
  selection: Selection | null;
  setSelection: (selection: Selection | null) => void;
}

const SelectionContext = createContext<SelectionState | null>(null);

export function SelectionProvider({ children }: { children: ReactNode }) {
  const [selection, setSelection] = useState<Selection | null>(null);
  const state = useMemo(() => ({ selection, setSelection }), [selection]);
  return <SelectionContext.Provider value={state}>{children}</SelectionContext.Provider>;
}

export function useSelection(): SelectionState {
  const state = useContext(SelectionContext);
  if (!state) throw new Error('useSelection needs <SelectionProvider> around the root layout.');
  return state;
}
