import { useLocalSearchParams, useRouter } from 'expo-router';

import { useRead } from '@/client/api';
import { useSelection } from '@/client/people';
import { Button, Empty, Page, Title, Waiting } from '@/client/ui';
import { listCadences, type Cadence } from '@/contract/cadences';
import { getSettings } from '@/contract/settings';
import type { Who } from '@/contract/filters';
import { need } from '@/core/need';

import { Enrolment } from './enrolment';
import type { EnrolmentProps } from './use-enrolment';

const EVERYBODY: Who = { filter: {} };

/** Whom it is for: the one whose sheet led here, those chosen, or everybody. */
const whoOf = (
  person: string | undefined,
  selection: ReturnType<typeof useSelection>['selection'],
): Pick<EnrolmentProps, 'who' | 'chosen' | 'from'> =>
  person
    ? { who: { ids: [person] }, chosen: 1, from: `/people/${person}` }
    : { who: selection?.who ?? EVERYBODY, chosen: selection?.people ?? null, from: null };

const joinable = (cadences: readonly Cadence[]) => cadences.filter(({ active }) => active);

/** Enrolling: the dated touches of a real person, the load and who lacks what, before anything is written. */
export function EnrolScreen() {
  const params = useLocalSearchParams<{ cadence?: string; person?: string }>();
  const { selection } = useSelection();
  const cadences = useRead(listCadences);
  const settings = useRead(getSettings);
  return (
    <Page>
      <Title>Enroll people</Title>
      <Waiting query={cadences}>
        {(list) => {
          const open = joinable(list.cadences);
          if (open.length === 0) return <NoCadence />;
          return (
            <Waiting query={settings}>
              {({ today }) => (
                <Enrolment
                  cadences={open}
                  first={params.cadence ?? need(open[0]).id}
                  {...whoOf(params.person, selection)}
                  today={today}
                />
              )}
            </Waiting>
          );
        }}
      </Waiting>
    </Page>
  );
}

function NoCadence() {
  const router = useRouter();
  return (
    <Empty
      action={
        <Button weight="main" label="Build one" onPress={() => router.navigate('/cadences/new')} />
      }
    >
      There is no cadence yet to enroll anybody in.
    </Empty>
  );
}
