import { useEffect, useState } from 'react';

/** From when on waiting is worth a word, in milliseconds. */
const SLOW_MS = 8_000;

/** Whether something has been under way for so long that it is worth a word. */
export function useSlow(waiting: boolean): boolean {
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    if (!waiting) return;
    const timer = setTimeout(() => setSlow(true), SLOW_MS);
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [waiting]);
  return waiting && slow;
}
