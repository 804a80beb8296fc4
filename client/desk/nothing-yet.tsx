import { useRouter } from 'expo-router';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button } from '@/client/ui';
import { peopleFacets } from '@/contract/people';

/**
 * What to do first when the desk is empty because nobody is here yet, nobody is promised, or
 * nothing is planned for today.
 */
export function NothingYet({ overdue }: { overdue: number }) {
  const { data } = useRead(peopleFacets);
  const router = useRouter();
  if (!data) return null;
  if (data.total === 0)
    return (
      <View className="items-start gap-3">
        <Body>
          Bring in the people you want to keep. A list from your address book will do; a name and
          one way to reach somebody is enough.
        </Body>
        <View className="flex-row flex-wrap gap-2">
          <Button
            weight="main"
            label="Import a list"
            onPress={() => router.navigate('/people/import')}
          />
          <Button label="Add one person" onPress={() => router.navigate('/people/add')} />
        </View>
      </View>
    );
  const promised = data.total - (data.warmth.none ?? 0);
  return (
    <View className="items-start gap-3">
      <Body>
        {promised === 0
          ? 'Nobody has a promise yet. Put people into circles, and the desk will say when somebody is due.'
          : `${overdue > 0 ? 'Nothing is planned for today.' : 'You’re keeping every promise.'} See Ahead for the coming weeks.`}
      </Body>
      <Button
        label={promised === 0 ? 'Open People' : 'Look ahead'}
        onPress={() => router.navigate(promised === 0 ? '/people' : '/ahead')}
      />
    </View>
  );
}
