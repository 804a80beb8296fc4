import { EditorContent, useEditor } from '@tiptap/react';
import { createElement, useId } from 'react';
import { View } from 'react-native';

import { toBraces, toSigns } from '@/core/merge-fields';

import { RICH_NODES } from './rich-nodes';
import { RichTools } from './rich-tools';

interface Props {
  /** Rich words that it begins with. */
  html: string;
  /** What they are now, and the same as plain words. */
  onChange: (html: string, plain: string) => void;
}

const BETWEEN = { blockSeparator: '\n\n' };

/** Rich words as they will look, with merge fields as signs in them. */
export default function RichField({ html, onChange }: Props) {
  const id = useId();
  const editor = useEditor({
    extensions: RICH_NODES,
    content: toSigns(html),
    editorProps: {
      attributes: {
        class: 'rich',
        role: 'textbox',
        'aria-multiline': 'true',
        'aria-labelledby': id,
      },
    },
    onUpdate: ({ editor: now }) => onChange(toBraces(now.getHTML()), now.getText(BETWEEN)),
  });
  return (
    <View className="max-w-full gap-1">
      {createElement(
        'span',
        { id, className: 'font-sans text-[0.8125rem] leading-5 text-soft' },
        'Words',
      )}
      <View className="max-w-full rounded border border-edge bg-sheet">
        <RichTools editor={editor} />
        {createElement(EditorContent, { editor })}
      </View>
    </View>
  );
}
