import type { Editor } from '@tiptap/react';
import { useState } from 'react';
import { View } from 'react-native';

import { Button, Fault, Field, FileInput } from '@/client/ui';
import { fileUrl } from '@/contract/files';

import { useKeepFile } from './files';

interface Props {
  editor: Editor;
  onDone: () => void;
}

/** An address such as "example.com" is meant as a page. */
const asAddress = (text: string): string =>
  /^[a-z][a-z0-9+.-]*:/i.test(text)
    ? text
    : text.includes('@')
      ? `mailto:${text}`
      : `https://${text}`;

/** A link on what is marked, or a button in a paragraph of its own. */
export function LinkPanel({ editor, asButton, onDone }: Props & { asButton: boolean }) {
  const { from, to } = editor.state.selection;
  const [address, setAddress] = useState(
    (editor.getAttributes('link') as { href?: string }).href ?? '',
  );
  const [label, setLabel] = useState(editor.state.doc.textBetween(from, to, ' '));
  const asksLabel = asButton || from === to;
  const set = () => {
    const href = asAddress(address.trim());
    const mark = { type: 'link', attrs: { href, look: asButton ? 'button' : null } };
    const text = { type: 'text', text: label.trim() || address.trim(), marks: [mark] };
    const chain = editor.chain().focus();
    if (asButton) chain.insertContent({ type: 'paragraph', content: [text] }).run();
    else if (asksLabel) chain.insertContent(text).run();
    else chain.extendMarkRange('link').setLink({ href }).run();
    onDone();
  };
  return (
    <View className="flex-row flex-wrap items-end gap-2 p-2">
      {asksLabel ? <Field label="What it says" value={label} onChangeText={setLabel} /> : null}
      <Field
        label="Where it leads"
        value={address}
        placeholder="https://"
        autoCapitalize="none"
        onChangeText={setAddress}
      />
      <Button label="Put it in" disabled={address.trim() === ''} onPress={set} />
      {editor.isActive('link') ? (
        <Button
          weight="quiet"
          label="Take the link away"
          onPress={() => {
            editor.chain().focus().extendMarkRange('link').unsetLink().run();
            onDone();
          }}
        />
      ) : null}
    </View>
  );
}

/** A picture of the owner's, made small enough and kept here. */
export function PicturePanel({ editor, onDone }: Props) {
  const [shows, setShows] = useState('');
  const keep = useKeepFile('picture');
  return (
    <View className="flex-row flex-wrap items-end gap-2 p-2">
      <Field
        label="What it shows, for whoever can’t see it"
        value={shows}
        onChangeText={setShows}
        className="min-w-[220px]"
      />
      <FileInput
        label={keep.isPending ? 'Taking it in …' : 'Choose a picture'}
        accept="image/*"
        onChoose={async (file) => {
          const kept = await keep.take(file);
          if (!kept) return;
          editor
            .chain()
            .focus()
            .setImage({ src: fileUrl(kept.id), alt: shows.trim() })
            .run();
          onDone();
        }}
      />
      {keep.fault ? <Fault>{keep.fault}</Fault> : null}
    </View>
  );
}

/** What stands in for a field where there is nothing to fill it with. */
export function Fallback({ editor }: { editor: Editor }) {
  const { fallback } = editor.getAttributes('mergeField') as { fallback: string };
  return (
    <View className="p-2">
      <Field
        label="Where there is none, say"
        placeholder="Nothing: then it can’t be sent"
        value={fallback}
        onChangeText={(text) =>
          editor.commands.updateAttributes('mergeField', { fallback: text.replace(/["{}]/g, '') })
        }
      />
    </View>
  );
}
