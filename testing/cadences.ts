import { randomUUID } from 'node:crypto';

import { createCadence, type Beat, type CadenceDraft } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { addPerson, getPerson } from '@/contract/people';
import { moveClock } from '@/contract/settings';
import { getDesk, logTouch, seeDesk } from '@/contract/touches';
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
export const cadencesOf = (api: () => TestApi) => {
  /** Opens the desk as the screen does, which says what was seen. */
  const desk = async () => {
    const shown = await api().call(getDesk);
    await api().call(seeDesk, { body: { keys: shown.items.map(({ key }) => key) } });
    return shown;
  };
  const keys = async () => (await desk()).items.map(({ key }) => key);
  const sheet = (id: string) => api().call(getPerson, { params: { id } });
  return {
    person: async (givenName: string, more: object = {}) =>
      (await api().call(addPerson, { body: { givenName, phone: '555-0101', ...more } })).id,
    build: async (beats: Beat[], change: Partial<CadenceDraft> = {}) =>
      (
        await api().call(createCadence, {
          body: { name: 'Quarterly', rounds: null, gapDays: 60, beats, ...change },
        })
      ).id,
    enrol: (cadenceId: string, ids: string[], startOn: PlainDate) =>
      api().call(enrol, { body: { cadenceId, who: { ids }, startOn } }),
    enrolments: async (personId: string) => (await sheet(personId)).enrolments,
    /** What is planned for somebody, as "2026-11-23 call". */
    planned: async (personId: string) =>
      (await sheet(personId)).planned.map(({ day, kind }) => `${day} ${kind}`),
    /** What stands on today's desk. */
    keys,
    desk,
    /** Logs a call that reached them: the first on the desk, unless another is meant. */
    log: async (personId: string, itemKey?: string) =>
      api().call(logTouch, {
        body: {
          personId,
          kind: 'call',
          outcome: 'reached',
          itemKey: itemKey ?? (await keys())[0]!,
        },
      }),
    forward: (days: number) => api().call(moveClock, { body: { days } }),
  };
};
