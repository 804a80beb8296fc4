import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useWrite } from '@/client/api';
import { Button, Soft } from '@/client/ui';
import { deleteCadence, switchCadence, type Cadence, type CadenceDraft } from '@/contract/cadences';
import { isCalendar } from '@/core/cadences';
import type { PlainDate } from '@/core/time';

import { FeedForm } from './feed-form';
import { PeopleOn } from './people-on';
import { Versions } from './versions';

/** What else can be done with a saved cadence. */
export function SavedCadence({
  saved,
  today,
  onTake,
}: {
  saved: Cadence;
  today: PlainDate;
  onTake: (draft: CadenceDraft) => void;
}) {
  const router = useRouter();
  const toggle = useWrite(switchCadence);
  const remove = useWrite(deleteCadence);
  const params = { id: saved.id };
  return (
    <View className="gap-2 border-t border-line pt-4">
      <View className="flex-row flex-wrap gap-2">
        <Button label="Copy it" onPress={() => router.navigate(`/cadences/new?copy=${saved.id}`)} />
        <Button
          label={saved.active ? 'Switch it off' : 'Switch it on'}
          disabled={toggle.isPending}
          onPress={() => toggle.mutate({ params, body: { active: !saved.active } })}
        />
        {isCalendar(saved) ? null : (
          <Button
            label={saved.rota ? 'Change the letter rota' : 'Call by initials'}
            onPress={() => router.navigate(`/cadences/rota?id=${saved.id}`)}
          />
        )}
        {saved.people === 0 ? (
          <Button
            weight="quiet"
            label="Delete it"
            disabled={remove.isPending}
            onPress={() =>
              remove.mutate({ params }, { onSuccess: () => router.replace('/cadences') })
            }
          />
        ) : null}
      </View>
      {saved.active ? null : (
        <Soft>
          Switched off, it plans nothing for anybody; their rounds go on when it is on again.
        </Soft>
      )}
      {saved.rota ? null : <FeedForm saved={saved} />}
      <PeopleOn id={saved.id} calendar={isCalendar(saved) || saved.rota} today={today} />
      <Versions id={saved.id} onTake={onTake} />
    </View>
  );
}
