import { useState } from 'react';
import { View } from 'react-native';

import { useWrite, useWriteForm } from '@/client/api';
import {
  Body,
  Button,
  Editing,
  Fault,
  Linked,
  Page,
  SaveBar,
  Soft,
  TextField,
  Title,
  Waiting,
} from '@/client/ui';
import { changeView, orderViews, removeView, type SavedView } from '@/contract/views';
import { need } from '@/core/need';
import { plural } from '@/core/time';

import { useViews } from './use-views';

/** The saved views: named, ordered, pinned to the top, hidden, taken away. */
export function ViewsScreen() {
  const views = useViews();
  return (
    <Page narrow>
      <Linked href="/people" className="min-h-[44px] justify-center self-start">
        <Body className="text-sea">‹ People</Body>
      </Linked>
      <Title>Views</Title>
      <Waiting query={views}>
        {({ views: list }) =>
          list.length === 0 ? (
            <Soft>No view is kept yet. Set filters over your people and keep them as a view.</Soft>
          ) : (
            <View role="list">
              {list.map((view, i) => (
                <ViewRow key={view.id} view={view} at={i} ids={list.map(({ id }) => id)} />
              ))}
            </View>
          )
        }
      </Waiting>
    </Page>
  );
}

interface RowProps {
  view: SavedView;
  at: number;
  ids: string[];
}

function ViewRow({ view, at, ids }: RowProps) {
  const [naming, setNaming] = useState(false);
  const { name, people, pinned, hidden, warnings } = view;
  const about = [plural(people, 'person', 'people'), pinned && 'pinned', hidden && 'hidden'];
  return (
    <View role="listitem" className="gap-1 border-b border-line py-2">
      {naming ? (
        <Rename view={view} onClose={() => setNaming(false)} />
      ) : (
        <Body className={hidden ? 'text-soft' : ''}>
          {[name, ...about].filter(Boolean).join(', ')}
        </Body>
      )}
      {warnings.map((warning) => (
        <Fault key={warning}>{warning}</Fault>
      ))}
      <Acts view={view} at={at} ids={ids} onName={() => setNaming(true)} />
    </View>
  );
}

function Rename({ view, onClose }: { view: SavedView; onClose: () => void }) {
  const form = useWriteForm(changeView, {
    values: { name: view.name },
    toInput: (body: { name: string }) => ({ params: { id: view.id }, body }),
    onSaved: onClose,
    keepAs: `view ${view.id}`,
  });
  return (
    <Editing>
      <TextField of={form} name="name" label="Name" autoFocus onSubmitEditing={form.submit} />
      <SaveBar form={form} onClose={onClose} />
    </Editing>
  );
}

function Acts({ view, at, ids, onName }: RowProps & { onName: () => void }) {
  const change = useWrite(changeView);
  const order = useWrite(orderViews);
  const remove = useWrite(removeView);
  const { id, name, pinned, hidden } = view;
  const params = { id };
  const up = () => {
    const next = [...ids];
    next.splice(at - 1, 2, need(ids[at]), need(ids[at - 1]));
    order.mutate({ body: { ids: next } });
  };
  const pin = pinned ? 'Unpin' : 'Pin';
  const hide = hidden ? 'Show' : 'Hide';
  return (
    <View className="-ml-2 flex-row flex-wrap">
      <Button weight="quiet" label="Rename" spoken={`Rename ${name}`} onPress={onName} />
      <Button
        weight="quiet"
        label={pin}
        spoken={`${pin} ${name}`}
        onPress={() => change.mutate({ params, body: { pinned: !pinned } })}
      />
      <Button
        weight="quiet"
        label={hide}
        spoken={`${hide} ${name}`}
        onPress={() => change.mutate({ params, body: { hidden: !hidden } })}
      />
      {at > 0 ? <Button weight="quiet" label="Up" spoken={`Move ${name} up`} onPress={up} /> : null}
      <Button
        weight="quiet"
        label="Take away"
        spoken={`Take ${name} away`}
        onPress={() => remove.mutate({ params })}
      />
    </View>
  );
}
