import { useState, type ReactNode } from 'react';
import { View } from 'react-native';

import { fold } from '@/core/people';
import { figure } from '@/core/time';

import { Button } from './button';
import { Field } from './field';
import { Soft } from './type';

const PAGE = 50;

interface Props<Item> {
  /** What is listed: "Tags". */
  label: string;
  items: readonly Item[];
  idOf: (item: Item) => string;
  /** What is searched in. */
  textOf: (item: Item) => string;
  /** Said when there is nothing to list. */
  empty: string;
  /** Items a page; a search is offered as soon as there are more. */
  page?: number;
  children: (item: Item, at: number) => ReactNode;
}

/** A list a page at a time, with a search as soon as it is longer than one. */
export function PageList<Item>(props: Props<Item>) {
  const { label, items, idOf, textOf, empty, page = PAGE, children } = props;
  const [text, setText] = useState('');
  const [shown, setShown] = useState(page);
  const words = fold(text).split(/\s+/).filter(Boolean);
  const found = items
    .map((item, at) => ({ item, at }))
    .filter(({ item }) => words.every((word) => fold(textOf(item)).includes(word)));
  const left = found.length - shown;
  return (
    <View className="gap-1">
      {items.length > page ? (
        <Field
          label={`Find in ${label.toLowerCase()}`}
          hideLabel
          placeholder={`Find in ${figure(items.length)} ${label.toLowerCase()}`}
          value={text}
          onChangeText={(next) => {
            setText(next);
            setShown(page);
          }}
        />
      ) : null}
      {found.length === 0 ? (
        <Soft role="status">{items.length === 0 ? empty : 'Nothing is called that.'}</Soft>
      ) : (
        <View role="list" aria-label={label}>
          {found.slice(0, shown).map(({ item, at }) => (
            <View key={idOf(item)} role="listitem">
              {children(item, at)}
            </View>
          ))}
        </View>
      )}
      {left > 0 ? (
        <Button
          weight="quiet"
          className="self-start"
          label={`${figure(Math.min(left, page))} more of ${figure(left)}`}
          onPress={() => setShown(shown + page)}
        />
      ) : null}
    </View>
  );
}
