import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead, useWrite } from '@/client/api';
import { Body, Button, Field, Select } from '@/client/ui';
import { addTag, setCircle, type Who } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import { plural } from '@/core/time';

import { useSelection } from './selection';

interface Props {
  who: Who;
  people: number;
  onClear: () => void;
  onAll: () => void;
  all: number;
}

/** What can be done with the people chosen; always with their exact number. */
export function ManyBar({ who, people, onClear, onAll, all }: Props) {
  const router = useRouter();
  const { setSelection } = useSelection();
  const settings = useRead(getSettings);
  const circle = useWrite(setCircle);
  const tagging = useWrite(addTag);
  const [tag, setTag] = useState<string | null>(null);
  const enrol = () => {
    setSelection({ who, people });
    router.navigate('/enrol');
  };
  return (
    <View className="gap-2 border-t border-line bg-sheet px-[18px] py-2">
      <View className="flex-row items-center gap-2">
        <Body className="flex-1 font-sans-semibold">{`${plural(people, 'person', 'people')} chosen`}</Body>
        {people < all ? (
          <Button weight="quiet" label={`Choose all ${all}`} onPress={onAll} />
        ) : null}
        <Button weight="quiet" label="Done" onPress={onClear} />
      </View>
      <View className="flex-row flex-wrap items-center gap-2">
        <Button weight="main" label="Enroll" disabled={people === 0} onPress={enrol} />
        <Select
          label="Move to circle"
          hideLabel
          className="w-[170px]"
          value=""
          options={[
            { value: '', label: 'Move to circle…' },
            ...(settings.data?.circles ?? []).map(({ id, name }) => ({ value: id, label: name })),
          ]}
          onChange={(circleId) =>
            circleId && people > 0 && circle.mutate({ body: { who, circleId } })
          }
        />
        {tag === null ? (
          <Button label="Tag" disabled={people === 0} onPress={() => setTag('')} />
        ) : (
          <View className="flex-row items-center gap-2">
            <Field
              label="Tag"
              hideLabel
              placeholder="Tag"
              value={tag}
              onChangeText={setTag}
              className="w-[140px]"
            />
            <Button
              label="Put on"
              disabled={tag.trim() === '' || tagging.isPending}
              onPress={() =>
                tagging.mutate(
                  { body: { who, tag: tag.trim().replace(/^#/, '') } },
                  { onSuccess: () => setTag(null) },
                )
              }
            />
          </View>
        )}
      </View>
    </View>
  );
}
