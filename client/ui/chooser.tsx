import { useId, useState } from 'react';
import { Pressable, View } from 'react-native';

import { figure } from '@/core/time';

import { Button } from './button';
import { Field } from './field';
import { Body, Soft } from './type';

interface Choosable {
  id: string;
  name: string;
  about?: string;
}

interface Props<Item extends Choosable> {
  label: string;
  text: string;
  onText: (text: string) => void;
  /** Those found for the text, the likeliest first; undefined until they are there. */
  found: readonly Item[] | undefined;
  /** How many were found altogether. */
  total: number;
  onChoose: (item: Item) => void;
  /** Offers what was typed as a mere name. */
  onName?: (name: string) => void;
  fault?: string | null;
  autoFocus?: boolean;
}

/** One of very many, found by typing a part of what is known of it; arrows and Enter choose as well. */
export function Chooser<Item extends Choosable>(props: Props<Item>) {
  const { label, text, onText, found, total, onChoose, onName, fault, autoFocus } = props;
  const id = useId();
  const [marked, setMarked] = useState(0);
  const asked = text.trim();
  const shown = asked === '' ? [] : (found ?? []);
  const keys = (event: { nativeEvent: { key: string }; preventDefault: () => void }) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.nativeEvent.key];
    if (step) {
      event.preventDefault();
      setMarked((at) => Math.min(shown.length - 1, Math.max(0, at + step)));
    }
    if (event.nativeEvent.key === 'Enter' && shown[marked]) {
      event.preventDefault();
      onChoose(shown[marked]);
    }
  };
  const combobox = {
    role: 'combobox',
    'aria-expanded': shown.length > 0,
    'aria-controls': `${id}list`,
    'aria-autocomplete': 'list',
    ...(shown[marked] ? { 'aria-activedescendant': `${id}${marked}` } : {}),
  } as object;
  return (
    <View className="gap-1">
      <Field
        label={label}
        value={text}
        onChangeText={(next) => {
          setMarked(0);
          onText(next);
        }}
        onKeyPress={keys}
        fault={fault}
        autoFocus={autoFocus}
        {...combobox}
      />
      <View nativeID={`${id}list`} role={'listbox' as 'list'} aria-label="Found">
        {shown.map((item, at) => (
          <Pressable
            key={item.id}
            nativeID={`${id}${at}`}
            role="option"
            aria-selected={at === marked}
            tabIndex={-1}
            onPress={() => onChoose(item)}
            className={`min-h-[44px] justify-center border-l-2 px-2 ${at === marked ? 'border-ink' : 'border-transparent'}`}
          >
            <Body className="text-sea">{[item.name, item.about].filter(Boolean).join(', ')}</Body>
          </Pressable>
        ))}
      </View>
      {asked && found && total === 0 ? (
        <Soft role="status">Nobody here is called that.</Soft>
      ) : null}
      {shown.length > 0 && total > shown.length ? (
        <Soft role="status">{`${figure(total - shown.length)} more. Write more of the name.`}</Soft>
      ) : null}
      {asked && onName ? (
        <Button
          weight="quiet"
          className="self-start"
          label={`Just the name “${asked}”`}
          onPress={() => onName(asked)}
        />
      ) : null}
    </View>
  );
}
