import { createElement, useRef } from 'react';

import { Button } from './button';

/** The bytes of a file, base64. */
export const contentOf = (file: File): Promise<string> =>
  new Promise((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done((reader.result as string).replace(/^[^,]*,/, ''));
    reader.onerror = () => failed(reader.error ?? new Error('unreadable'));
    reader.readAsDataURL(file);
  });

interface InputProps {
  label: string;
  accept?: string;
  onChoose: (file: File) => void;
}

/** A button that lets a file be chosen. */
export function FileInput({ label, accept, onChoose }: InputProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      {createElement('input', {
        ref: input,
        type: 'file',
        accept,
        'aria-label': label,
        tabIndex: -1,
        style: { display: 'none' },
        onChange: (event: { target: HTMLInputElement }) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) onChoose(file);
        },
      })}
      <Button label={label} onPress={() => input.current?.click()} />
    </>
  );
}
