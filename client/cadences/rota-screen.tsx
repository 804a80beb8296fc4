import { Redirect, useLocalSearchParams } from 'expo-router';

import { useRead } from '@/client/api';
import { Page, Waiting } from '@/client/ui';
import { getCadence } from '@/contract/cadences';
import { getRota } from '@/contract/rota';

import { RotaOf } from './rota';

/** The letter rota of a cadence: its weeks, their letters, and whom it calls. */
export function RotaScreen() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  // An address without its cadence leads to where one is chosen.
  return id ? <RotaFor id={id} /> : <Redirect href="/cadences" />;
}

function RotaFor({ id }: { id: string }) {
  const cadence = useRead(getCadence, { params: { id } });
  const rota = useRead(getRota, { params: { id } }, { keepPrevious: true });
  return (
    <Page>
      <Waiting query={rota}>
        {(data) => (
          <RotaOf
            key={JSON.stringify([data.draft, data.saved])}
            id={id}
            name={cadence.data?.name ?? ''}
            rota={data}
          />
        )}
      </Waiting>
    </Page>
  );
}
