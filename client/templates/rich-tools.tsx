import { useEditorState, type Editor } from '@tiptap/react';
import { useState } from 'react';
import { View } from 'react-native';

import { Button } from '@/client/ui';

import { FieldChoice } from './field-picker';
import { Fallback, LinkPanel, PicturePanel } from './rich-panels';

type Panel = 'link' | 'button' | 'picture' | 'field' | 'only' | null;

/** What can be done with the words in hand, in words. */
export function RichTools({ editor }: { editor: Editor }) {
  const [panel, setPanel] = useState<Panel>(null);
  const is = useEditorState({
    editor,
    selector: ({ editor: now }) => ({
      bold: now.isActive('bold'),
      italic: now.isActive('italic'),
      list: now.isActive('bulletList'),
      field: now.isActive('mergeField'),
      only: now.isActive('onlyIf'),
    }),
  });
  const close = () => setPanel(null);
  const open = (which: Panel) => () => setPanel(panel === which ? null : which);
  const put = () => editor.chain().focus();
  const opener = (which: Panel, label: string) => (
    <Tool label={label} expanded={panel === which} onPress={open(which)} />
  );
  return (
    <View role="toolbar" aria-label="How the words look" className="border-b border-line px-1">
      <View className="flex-row flex-wrap">
        <Tool label="Bold" on={is.bold} onPress={() => put().toggleBold().run()} />
        <Tool label="Italic" on={is.italic} onPress={() => put().toggleItalic().run()} />
        <Tool label="List" on={is.list} onPress={() => put().toggleBulletList().run()} />
        {opener('link', 'Link')}
        {opener('picture', 'Picture')}
        {opener('button', 'Button')}
        {opener('field', 'Put in a field')}
        {is.only ? (
          <Tool label="For everybody again" onPress={() => put().lift('onlyIf').run()} />
        ) : (
          opener('only', 'Only where …')
        )}
      </View>
      {panel === 'link' || panel === 'button' ? (
        <LinkPanel key={panel} editor={editor} asButton={panel === 'button'} onDone={close} />
      ) : null}
      {panel === 'picture' ? <PicturePanel editor={editor} onDone={close} /> : null}
      {panel === 'field' ? (
        <FieldChoice
          onPick={(field) => {
            put()
              .insertContent({ type: 'mergeField', attrs: { field, fallback: '' } })
              .run();
            close();
          }}
        />
      ) : null}
      {panel === 'only' ? (
        <FieldChoice
          onPick={(field) => {
            put().wrapIn('onlyIf', { field }).run();
            close();
          }}
        />
      ) : null}
      {is.field ? <Fallback editor={editor} /> : null}
    </View>
  );
}

interface ToolProps {
  label: string;
  on?: boolean;
  expanded?: boolean;
  onPress: () => void;
}

const Tool = ({ label, on, expanded, onPress }: ToolProps) => (
  <Button
    weight="quiet"
    label={label}
    className={on || expanded ? 'bg-line' : ''}
    {...(on === undefined ? {} : { 'aria-pressed': on })}
    {...(expanded === undefined ? {} : { 'aria-expanded': expanded })}
    onPress={onPress}
  />
);
