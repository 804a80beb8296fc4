import { randomUUID } from 'node:crypto';

import { createCadence, enrol, type Beat, type CadenceDraft } from '@/contract/cadences';
import type { PlainDate } from '@/core/time';

import type { TestApi } from './api';

/** A beat so many days after the round starts. */
export const beat = (
  afterDays: number,
  kind: Beat['kind'] = 'call',
  words = '',
  change: Partial<Beat> = {},
): Beat => ({
  id: randomUUID(),
  timing: { on: 'after', days: afterDays },
  kind,
  wordings: words ? [words] : [],
  dayRule: 'next',
  way: 'hand',
  ...change,
});

/** Shorthands for suites about cadences. */
export const cadencesOf = (api: () => TestApi) => ({
  build: async (beats: Beat[], change: Partial<CadenceDraft> = {}) =>
    (
      await api().call(createCadence, {
        body: { name: 'Quarterly', rounds: null, gapDays: 60, beats, ...change },
      })
    ).id,
  enrol: (cadenceId: string, ids: string[], startOn: PlainDate) =>
    api().call(enrol, { body: { cadenceId, who: { ids }, startOn } }),
});
