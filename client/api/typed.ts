import { useEffect, useState } from 'react';

/**
 * What was typed into forms that were left before it was kept, by the key of the form. It lives as
 * long as the page, and the browser asks before it closes one that holds any.
 */
const typed = new Map<string, unknown>();
let changedForms = 0;

export const keepTyped = (key: string, values: unknown): void => void typed.set(key, values);
export const typedBefore = <V>(key: string): V | undefined => typed.get(key) as V | undefined;
export const dropTyped = (key: string): void => void typed.delete(key);
export const forgetTyped = (): void => typed.clear();

if (typeof window !== 'undefined')
  window.addEventListener('beforeunload', (event) => {
    if (changedForms > 0 || typed.size > 0) event.preventDefault();
  });

/** While a form holds changes, closing the window asks first. */
export function useHolding(changed: boolean): void {
  useEffect(() => {
    if (!changed) return;
    changedForms += 1;
    return () => void (changedForms -= 1);
  }, [changed]);
}

/** A text that outlives the place where it is typed, until it is emptied: a note, a pasted list. */
export function useTypedText(key: string): [string, (text: string) => void] {
  const [text, setText] = useState(() => typedBefore<string>(key) ?? '');
  const write = (next: string) => {
    setText(next);
    if (next === '') dropTyped(key);
    else keepTyped(key, next);
  };
  return [text, write];
}
