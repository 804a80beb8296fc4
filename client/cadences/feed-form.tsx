import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useWriteForm } from '@/client/api';
import { useSelection, useViews } from '@/client/people';
import { Button, Fault, Heading, NumberField, SaveBar, SelectField, Soft } from '@/client/ui';
import { feedCadence, type Cadence } from '@/contract/cadences';
import type { SavedView } from '@/contract/views';

const NOBODY = { value: '', label: 'Nobody by themselves' };
const A_FEW = 3;

interface Feed {
  viewId: string;
  perDay: number | null;
}

/** Whose people join a cadence by themselves: those of a view, now and later. */
export function FeedForm({ saved }: { saved: Cadence }) {
  const views = useViews().data?.views ?? [];
  const [viewId, setViewId] = useState(saved.feed?.viewId ?? '');
  const form = useWriteForm(feedCadence, {
    values: { feed: saved.feed ?? { viewId: '', perDay: A_FEW } },
    toInput: ({ feed }: { feed: Feed }) => ({
      params: { id: saved.id },
      body: { feed: feed.viewId === '' ? null : feed },
    }),
    keepAs: `feed ${saved.id}`,
  });
  const view = views.find(({ id }) => id === viewId);
  if (views.length === 0 && !saved.feed) return null;
  return (
    <View className="gap-2">
      <Heading>Who joins by themselves</Heading>
      <View className="flex-row flex-wrap items-start gap-3">
        <SelectField
          of={form}
          name="feed.viewId"
          label="Whoever is in the view"
          className="min-w-[240px]"
          options={[
            NOBODY,
            ...views.map(({ id, name, people }) => ({ value: id, label: `${name} (${people})` })),
          ]}
          onChoose={setViewId}
        />
        {viewId === '' ? null : (
          <NumberField
            of={form}
            name="feed.perDay"
            label="At most, each working day"
            unit="people"
            placeholder="all"
          />
        )}
      </View>
      {view?.warnings.map((warning) => (
        <Fault key={warning}>{warning}</Fault>
      ))}
      <Soft>
        Those in it now begin first, then everybody who comes into it. Whom you take off stays off;
        whoever leaves the view goes on.
      </Soft>
      <SaveBar form={form} label="Keep it so" onlyChanged>
        {view && view.people > 0 ? <Look cadenceId={saved.id} view={view} /> : null}
      </SaveBar>
    </View>
  );
}

/** To the preview of enrolling those who are in the view now. */
function Look({ cadenceId, view }: { cadenceId: string; view: SavedView }) {
  const router = useRouter();
  const { setSelection } = useSelection();
  return (
    <Button
      weight="quiet"
      label="What that would bring"
      onPress={() => {
        setSelection({ who: { filter: view.filter }, people: view.people });
        router.navigate(`/enrol?cadence=${cadenceId}`);
      }}
    />
  );
}
