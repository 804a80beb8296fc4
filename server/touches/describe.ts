import { fillWords, wordingOf } from '@/core/cadences';
import { reasonSentence, type PlannedTouch } from '@/core/planner';
import type { PlainDate } from '@/core/time';
import type { LastMade } from '@/core/touches';

import type { Sphere } from '../planner';

const followUpId = (key: string) => key.slice('follow:'.length);

/** Why a planned touch is where it is, in one plain sentence. */
export function plannedReason(
  sphere: Sphere,
  touch: PlannedTouch,
  person: { promiseDays: number | null; due: number | null },
  last: LastMade | null,
  today: PlainDate,
): string {
  const { item } = touch;
  return reasonSentence(touch, {
    cadenceName: item.beat ? (sphere.cadences.get(item.beat.cadenceId)?.name ?? null) : null,
    followUpWords:
      item.source === 'follow_up' ? (sphere.followUpWords.get(followUpId(item.key)) ?? null) : null,
    promiseDays: person.promiseDays,
    // A keeper later in the plan keeps a promise that earlier touches renew: its own nominal day.
    due: item.source === 'keeper' ? item.nominal : person.due,
    last,
    homeName:
      touch.yieldsTo && touch.yieldsTo.personId !== item.personId
        ? (sphere.names.get(touch.yieldsTo.personId) ?? null)
        : null,
    holiday: sphere.holidays.get(item.nominal) ?? null,
    today,
  });
}

/** The words to use, filled in for the person; a field that can't be filled stays visible. */
export function itemWords(
  sphere: Sphere,
  { item }: PlannedTouch,
  values: Parameters<typeof fillWords>[1],
): string {
  if (!item.beat) return '';
  const beat = sphere.cadences
    .get(item.beat.cadenceId)
    ?.beats.find(({ id }) => id === item.beat!.beatId);
  if (!beat) return '';
  const words = wordingOf(beat.wordings, item.beat.round, item.personId);
  const filled = fillWords(words, values);
  return filled.ok ? filled.text : words;
}
