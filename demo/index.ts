import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { saveRota } from '@/contract/rota';
import { call } from '@/contract/call';
import { runImport } from '@/contract/imports';
import { listPeople, type PersonRow } from '@/contract/people';
import { createService } from '@/contract/services';
import { getSettings, health, saveSettings } from '@/contract/settings';
import { logPast } from '@/contract/touches';
import { addDays, addMonths } from '@/core/time';

import { makeCadences, makeRota } from './cadences';
import { pastTouches } from './history';
import { liveThrough } from './live';
import { makePeople, toCsv } from './people';
import { Random } from './random';

/** Days before the demo's day on which Marisol begins to work with Pen Pal. */
export const LIVED_DAYS = 70;
const HISTORY_MONTHS = 14;

/** Where the demo's stand-in for a list service is served. */
export const LIST_SERVICE = '/standins/list';

export interface FillOptions {
  /** The server to fill, through its public API; its day is LIVED_DAYS before the demo's. */
  base: string;
  seed: number;
  say: (line: string) => void;
}

/** Fills an empty Pen Pal with the demo scenario. The same seed and day give the same scenario. */
export async function fillDemo({ base, seed, say }: FillOptions): Promise<void> {
  const random = new Random(seed);
  const { clock } = await call(health, {}, { base });
  say('Filling the demo: 240 people of Port Ellery …');
  await call(
    saveSettings,
    { body: { ownerName: 'Marisol Quane', capacity: 9, country: 'US' } },
    { base },
  );
  const content = Buffer.from(toCsv(makePeople(random))).toString('base64');
  await call(
    runImport,
    { body: { fileName: 'port-ellery.csv', content, mapping: null, circleId: null, tag: null } },
    { base },
  );
  const { rows } = await call(listPeople, { query: { sort: 'name', limit: 500 } }, { base });

  say('  … what happened in the year before');
  const from = addDays(addMonths(clock.today, -HISTORY_MONTHS), LIVED_DAYS);
  const touches = rows.flatMap((row) =>
    pastTouches(random, row.id, row.standing.promiseDays ?? 180, {
      from,
      to: addDays(clock.today, -1),
    }),
  );
  await call(logPast, { body: { touches } }, { base });
  await enrolPeople(base, random, rows);
  await beginRota(base);
  await liveThrough(base, random, LIVED_DAYS, say);
}

async function enrolPeople(
  base: string,
  random: Random,
  rows: readonly PersonRow[],
): Promise<void> {
  const { clock } = await call(health, {}, { base });
  const { id: listService } = await call(
    createService,
    { body: { name: 'Ellery Letters', url: `${base}${LIST_SERVICE}` } },
    { base },
  );
  const free = new Set(rows.map(({ id }) => id));
  for (const { draft, circles, people } of makeCadences(listService)) {
    const { id: cadenceId } = await call(createCadence, { body: draft }, { base });
    const fit = rows.filter((row) => free.has(row.id) && circles.includes(row.circle ?? ''));
    const ids = random.shuffled(fit.map(({ id }) => id)).slice(0, people);
    ids.forEach((id) => free.delete(id));
    // A few start each day, as one does with a new habit, so that rounds don't fall on one day.
    const groups = Math.ceil(ids.length / 4);
    for (let g = 0; g < groups; g++) {
      const startOn = addDays(clock.today, g * 2);
      const who = { ids: ids.slice(g * 4, g * 4 + 4) };
      await call(enrol, { body: { cadenceId, who, startOn, leaveOut: [] } }, { base });
    }
  }
}

/** The outer circle is called by letter, once a quarter. */
async function beginRota(base: string): Promise<void> {
  const { circles, today } = await call(getSettings, {}, { base });
  const outer = circles.find(({ name }) => name === 'Outer')!;
  const { id } = await call(createCadence, { body: makeRota() }, { base });
  const body = {
    namePart: 'family' as const,
    particles: 'first' as const,
    weeks: 13,
    lettersAWeek: 2,
    firstDay: today,
    cuts: {},
    who: { circleIds: [outer.id] },
  };
  await call(saveRota, { params: { id }, body }, { base });
}
