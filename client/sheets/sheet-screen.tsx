import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';

import { PersonDates } from '@/client/almanac';
import { useRead } from '@/client/api';
import { Button, Page, Rule, useWide, Waiting } from '@/client/ui';
import { getPerson, type PersonSheet } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import type { PlainDate } from '@/core/time';

import { Enrolments } from './enrolments';
import { Facts } from './facts';
import { PutAway } from './put-away';
import { Head, Next, Talk, WaysToReach, WhereThingsStand } from './sheet-parts';
import { Story } from './story';
import { Thread } from './thread';

/** One person as a sheet of paper: where things stand, the thread, what comes next, the facts. */
export function SheetScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const person = useRead(getPerson, { params: { id } });
  const settings = useRead(getSettings);
  return (
    <Page>
      <Waiting query={person}>
        {(sheet) =>
          settings.data ? <Sheet key={sheet.id} sheet={sheet} today={settings.data.today} /> : null
        }
      </Waiting>
    </Page>
  );
}

function Sheet({ sheet, today }: { sheet: PersonSheet; today: PlainDate }) {
  const wide = useWide();
  const router = useRouter();
  return (
    <>
      {wide ? null : (
        <Button
          weight="quiet"
          className="self-start"
          label="‹ People"
          spoken="Back to people"
          onPress={() => router.navigate('/people')}
        />
      )}
      <Head sheet={sheet} />
      <WhereThingsStand sheet={sheet} />
      <WaysToReach sheet={sheet} today={today} />
      <Thread sheet={sheet} today={today} />
      <Rule />
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className={`gap-2 ${wide ? 'min-w-0 flex-1' : ''}`}>
          <Next sheet={sheet} today={today} />
          <Talk sheet={sheet} />
          <View className="h-2" />
          <Story sheet={sheet} today={today} />
        </View>
        <View className={`gap-6 ${wide ? 'min-w-0 flex-1' : ''}`}>
          <Facts sheet={sheet} today={today} />
          <PersonDates personId={sheet.id} />
          <Enrolments sheet={sheet} today={today} />
          <PutAway sheet={sheet} />
        </View>
      </View>
    </>
  );
}
