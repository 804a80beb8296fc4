import { useEffect } from 'react';

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Runs `act` when `key` is pressed alone and nobody is typing. */
export function useKey(key: string, act: () => void, enabled = true): void {
  useEffect(() => {
    if (!enabled || typeof window === 'undefined') return;
    const listen = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== key.toLowerCase() || isTyping(event.target)) return;
      if (event.metaKey || event.ctrlKey || event.altKey) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
}

/** The keys of the application, as the key list shows them. */
export const KEY_LIST = [
  ['/', 'Search people'],
  ['N', 'New person'],
  ['L', 'Log a touch with the person on the sheet'],
  ['↑ ↓', 'Move through a list'],
  ['Enter', 'Open what is marked'],
  ['?', 'This list'],
] as const;

/** Space presses what can be checked, as it does natively; Enter does already. */
export const pressOnSpace = (press: () => void): object => ({
  onKeyDown: (event: { key: string; preventDefault: () => void }) => {
    if (event.key !== ' ') return;
    event.preventDefault();
    press();
  },
});
