import { useEffect, useState } from 'react';

/** A pause in typing after which what was typed is looked at. */
const PAUSE_MS = 400;

/** A value as it is once nothing has changed it for a moment. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}
