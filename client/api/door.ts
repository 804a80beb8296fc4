import { useSyncExternalStore } from 'react';

import type { CallFault } from '@/contract/call';

/** Whether this device must sign in before anything more is shown. */
let closed = false;
const listeners = new Set<() => void>();

function set(next: boolean): void {
  if (closed === next) return;
  closed = next;
  for (const listener of listeners) listener();
}

/** Closes the door when the server says that nobody is signed in here. */
export const noteSignedOut = (fault: unknown): void => {
  if ((fault as CallFault).code === 'signed_out') set(true);
};

export const openDoor = (): void => set(false);

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useDoorClosed = (): boolean => useSyncExternalStore(subscribe, () => closed);
