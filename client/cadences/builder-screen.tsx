import { useLocalSearchParams } from 'expo-router';
import { useRef } from 'react';

import { useRead } from '@/client/api';
import { Page, Waiting } from '@/client/ui';
import { getCadence } from '@/contract/cadences';
import { getSettings } from '@/contract/settings';

import { Builder } from './builder';
import { draftOf, startingFrom } from './draft';
import { SavedCadence } from './saved-cadence';
import type { Take } from './use-builder';

/** Builds a cadence: a new one from a pattern, a copy or nothing, or one that is there. */
export function BuilderScreen() {
  const { id, pattern, copy } = useLocalSearchParams<{
    id: string;
    pattern?: string;
    copy?: string;
  }>();
  const isNew = id === 'new';
  const cadence = useRead(getCadence, { params: { id } }, { enabled: !isNew });
  const copying = isNew && Boolean(copy);
  const copied = useRead(getCadence, { params: { id: copy ?? '' } }, { enabled: copying });
  const settings = useRead(getSettings);
  const take = useRef<Take>(null);
  return (
    <Page>
      <Waiting query={settings}>
        {(owner) => {
          if (!isNew)
            return (
              <Waiting query={cadence}>
                {(saved) => (
                  <>
                    <Builder
                      key={`${saved.id}:${saved.version}`}
                      saved={saved}
                      first={draftOf(saved)}
                      owner={owner}
                      take={take}
                    />
                    {/* Outlives the version: what is opened here stays open when that is saved. */}
                    <SavedCadence
                      key={saved.id}
                      saved={saved}
                      today={owner.today}
                      onTake={(draft) => take.current?.(draft)}
                    />
                  </>
                )}
              </Waiting>
            );
          const first = () => startingFrom(pattern, copied.data);
          const started = (
            <Builder key={`new ${pattern} ${copy}`} saved={null} first={first()} owner={owner} />
          );
          return copying ? <Waiting query={copied}>{() => started}</Waiting> : started;
        }}
      </Waiting>
    </Page>
  );
}
