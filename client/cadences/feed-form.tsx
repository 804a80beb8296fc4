import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { useSelection } from '@/client/people';
import { Button, Fault, Heading, NumberField, Select, Soft } from '@/client/ui';
import { feedCadence, type Cadence } from '@/contract/cadences';
import { listViews } from '@/contract/views';

const NOBODY = { value: '', label: 'Nobody by themselves' };

/** Whose people join a cadence by themselves: those of a view, now and later. */
export function FeedForm({ saved }: { saved: Cadence }) {
  const router = useRouter();
  const { setSelection } = useSelection();
  const views = useRead(listViews).data?.views ?? [];
  const save = useWrite(feedCadence);
  const [viewId, setViewId] = useState(saved.feed?.viewId ?? '');
  const [perDay, setPerDay] = useState(saved.feed ? String(saved.feed.perDay ?? '') : '3');
  const view = views.find(({ id }) => id === viewId);
  const asked = viewId === '' ? null : { viewId, perDay: Number.parseInt(perDay, 10) || null };
  const changed = JSON.stringify(asked) !== JSON.stringify(saved.feed);
  const look = () => {
    if (!view) return;
    setSelection({ who: { filter: view.filter }, people: view.people });
    router.navigate(`/enrol?cadence=${saved.id}`);
  };
  if (views.length === 0 && !saved.feed) return null;
  return (
    <View className="gap-2">
      <Heading>Who joins by themselves</Heading>
      <View className="flex-row flex-wrap items-end gap-3">
        <Select
          label="Whoever is in the view"
          className="min-w-[240px]"
          value={viewId}
          options={[
            NOBODY,
            ...views.map(({ id, name, people }) => ({ value: id, label: `${name} (${people})` })),
          ]}
          onChange={setViewId}
        />
        {viewId === '' ? null : (
          <NumberField
            label="At most, each working day"
            unit="people"
            placeholder="all"
            value={perDay}
            onChange={setPerDay}
          />
        )}
        <Button
          label="Keep it so"
          disabled={!changed || save.isPending}
          onPress={() => save.mutate({ params: { id: saved.id }, body: { feed: asked } })}
        />
        {view && view.people > 0 ? (
          <Button weight="quiet" label="What that would bring" onPress={look} />
        ) : null}
      </View>
      {view?.warnings.map((warning) => (
        <Fault key={warning}>{warning}</Fault>
      ))}
      <Soft>
        Those in it now begin first, then everybody who comes into it. Whom you take off stays off;
        whoever leaves the view goes on.
      </Soft>
      {save.error ? <Fault>{save.error.message}</Fault> : null}
    </View>
  );
}
