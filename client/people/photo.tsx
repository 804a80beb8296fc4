import { createElement } from 'react';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import type { PersonSheet } from '@/contract/people';
import { savePhoto } from '@/contract/story';

/** A file's bytes as base64. */
export async function base64Of(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 0x8000)
    text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
}

/** The photo, or initials in its place; pressing it chooses another one. */
export function Photo({ sheet }: { sheet: PersonSheet }) {
  const save = useWrite(savePhoto);
  const { givenName, goesBy, familyName } = sheet.fields;
  const initials = [goesBy || givenName, familyName].map((name) => [...name][0] ?? '').join('');
  const choose = async (event: { target: HTMLInputElement }) => {
    const [file] = event.target.files ?? [];
    if (file) save.mutate({ params: { id: sheet.id }, body: { content: await base64Of(file) } });
  };
  return (
    <View className="h-16 w-16">
      {createElement(
        'label',
        {
          className:
            'flex h-16 w-16 cursor-pointer items-center justify-center overflow-hidden rounded-full border border-line bg-paper font-serif text-[1.375rem] text-soft focus-within:outline focus-within:outline-2 focus-within:outline-sea',
          title: 'Choose a photo',
        },
        sheet.photoId
          ? createElement('img', {
              src: `/api/photos/${sheet.photoId}`,
              alt: `Photo of ${sheet.name}`,
              className: 'h-full w-full object-cover',
            })
          : createElement('span', { 'aria-hidden': true }, initials || '·'),
        createElement('input', {
          type: 'file',
          accept: 'image/*',
          'aria-label': `Choose a photo of ${sheet.name}`,
          className: 'sr-only',
          onChange: (event: { target: HTMLInputElement }) => void choose(event),
        }),
      )}
    </View>
  );
}
