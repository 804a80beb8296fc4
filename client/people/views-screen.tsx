import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Fault, Field, Linked, Page, Soft, Title, Waiting } from '@/client/ui';
import { changeView, listViews, orderViews, removeView, type SavedView } from '@/contract/views';
import { plural } from '@/core/time';

/** The saved views: named, ordered, pinned to the top, hidden, taken away. */
export function ViewsScreen() {
  const views = useRead(listViews);
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

function ViewRow({ view, at, ids }: { view: SavedView; at: number; ids: string[] }) {
  const change = useWrite(changeView);
  const order = useWrite(orderViews);
  const remove = useWrite(removeView);
  const [name, setName] = useState<string | null>(null);
  const params = { id: view.id };
  const up = () => {
    const next = [...ids];
    next.splice(at - 1, 2, ids[at]!, ids[at - 1]!);
    order.mutate({ body: { ids: next } });
  };
  return (
    <View role="listitem" className="gap-1 border-b border-line py-2">
      {name === null ? (
        <Body className={view.hidden ? 'text-soft' : ''}>
          {`${view.name}, ${plural(view.people, 'person', 'people')}${view.pinned ? ', pinned' : ''}${view.hidden ? ', hidden' : ''}`}
        </Body>
      ) : (
        <View className="flex-row items-end gap-2">
          <Field label="Name" className="flex-1" value={name} onChangeText={setName} autoFocus />
          <Button
            label="Keep"
            onPress={() =>
              change.mutate({ params, body: { name } }, { onSuccess: () => setName(null) })
            }
          />
        </View>
      )}
      {view.warnings.map((warning) => (
        <Fault key={warning}>{warning}</Fault>
      ))}
      <View className="-ml-2 flex-row flex-wrap">
        <Button
          weight="quiet"
          label="Rename"
          spoken={`Rename ${view.name}`}
          onPress={() => setName(view.name)}
        />
        <Button
          weight="quiet"
          label={view.pinned ? 'Unpin' : 'Pin'}
          spoken={`${view.pinned ? 'Unpin' : 'Pin'} ${view.name}`}
          onPress={() => change.mutate({ params, body: { pinned: !view.pinned } })}
        />
        <Button
          weight="quiet"
          label={view.hidden ? 'Show' : 'Hide'}
          spoken={`${view.hidden ? 'Show' : 'Hide'} ${view.name}`}
          onPress={() => change.mutate({ params, body: { hidden: !view.hidden } })}
        />
        {at > 0 ? (
          <Button weight="quiet" label="Up" spoken={`Move ${view.name} up`} onPress={up} />
        ) : null}
        <Button
          weight="quiet"
          label="Take away"
          spoken={`Take ${view.name} away`}
          onPress={() => remove.mutate({ params })}
        />
      </View>
    </View>
  );
}
