import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { saveRota } from '@/contract/rota';
import { call } from '@/contract/call';
import { runImport } from '@/contract/imports';
import { listPeople, type PersonRow } from '@/contract/people';
import { createService } from '@/contract/services';
import { getSettings, health, moveClock, saveSettings } from '@/contract/settings';
import { addNote } from '@/contract/story';
import { logPast } from '@/contract/touches';
import { addDays, daysBetween, type PlainDate } from '@/core/time';

import { writeByForm } from './arrivals';
import { setUpCarriers, type Ports } from './carriers';
import { makeCadences, makeRota } from './cadences';
import { beginGreetings } from './greetings';
import { pastTouches } from './history';
import { joinPartners, learnOfThem, writeDownTwice } from './known';
import { liveThrough } from './live';
import { Notes } from './notes';
import { makePeople, toCsv } from './people';
import { Random } from './random';
import { keepTemplates } from './templates';

/** Days before the demo's day on which Marisol begins to work with cadences. */
const LIVED_DAYS = 70;
/** Days before that on which she brought her people in. */
const KNOWN_DAYS = 360;
/** Days before the demo's day on which its filling begins. */
export const BEGUN_DAYS = LIVED_DAYS + KNOWN_DAYS;
/** She was away for a week, not long ago: days before the demo's day. */
const AWAY_DAYS = { from: 40, to: 36 };

/** Where the demo's stand-in for a list service is served. */
export const LIST_SERVICE = '/standins/list';

export { fateOfMail, fateOfText, MAIL_USER, OUTSIDE_SECRET } from './carriers';

export interface FillOptions {
  /** The server to fill, through its public API; its day is BEGUN_DAYS before the demo's. */
  base: string;
  seed: number;
  say: (line: string) => void;
  /** Where the stand-ins listen: `smtp` and `pop3`. */
  ports: Ports;
}

/** Fills an empty Pen Pal with the demo scenario. The same seed and day give the same scenario, but for
 * ties: ids are random, and of equals the plan takes the one whose id comes first. */
export async function fillDemo({ base, seed, say, ports }: FillOptions): Promise<void> {
  const random = new Random(seed);
  const notes = new Notes(random);
  const people = makePeople(random);
  say('Filling the demo: 240 people of Port Ellery …');
  await call(
    saveSettings,
    {
      body: {
        ownerName: 'Marisol Quane',
        ownerCompany: 'Quane Home Loans',
        ownerEmail: 'marisol@example.com',
        ownerPhone: '503-555-0100',
        ownerAddress: '3 Chandler Row\nPort Ellery 00012',
        signature: 'Marisol',
        seesOpens: true,
        seesClicks: true,
        capacity: 16,
        country: 'US',
      },
    },
    { base },
  );
  await setUpCarriers(base, ports);
  const content = Buffer.from(toCsv(people)).toString('base64');
  await call(
    runImport,
    { body: { fileName: 'port-ellery.csv', content, mapping: null, circleId: null, tag: null } },
    { base },
  );
  const { clock } = await call(health, {}, { base });
  const { rows } = await call(listPeople, { query: { sort: 'name', limit: 500 } }, { base });
  await joinPartners(base, people, rows);
  const { today } = await call(moveClock, { body: { days: KNOWN_DAYS } }, { base });

  say('  … what happened in the year before');
  const span = { from: addDays(clock.today, 1), to: addDays(today, -1) };
  const touches = rows.flatMap((row) =>
    pastTouches(random, row.id, row.standing.promiseDays ?? 180, span, () => notes.next()),
  );
  await call(logPast, { body: { touches } }, { base });
  await learnOfThem(base, random, rows, today, notes);
  await enrolPeople(base, random, rows);
  await beginRota(base);
  await beginGreetings(base, new Random(seed + 1), rows);
  const demoDay = addDays(today, LIVED_DAYS);
  const away = daysFrom(addDays(demoDay, -AWAY_DAYS.from), addDays(demoDay, -AWAY_DAYS.to));
  const holidays = daysFrom(addDays(demoDay, 31), addDays(demoDay, 39));
  await call(saveSettings, { body: { daysOff: [...away, ...holidays] } }, { base });
  const unreached = await changedNumbers(base, rows);
  await liveThrough(base, random, notes, unreached, LIVED_DAYS, say);
  await writeDownTwice(base, rows);
  await writeByForm(base, rows);
}

const daysFrom = (from: PlainDate, to: PlainDate): PlainDate[] =>
  Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => addDays(from, i));

/** Two whose number has changed: it rings, and nobody answers. */
async function changedNumbers(base: string, rows: readonly PersonRow[]): Promise<Set<string>> {
  const two = rows.filter(({ circle, hasPhone }) => circle === 'Close' && hasPhone).slice(0, 2);
  const words = ['rings at a bakery now. Ask her sister.', 'is not in service. Try the office.'];
  for (const [i, { id }] of two.entries())
    await call(addNote, { params: { id }, body: { body: `The number ${words[i]}` } }, { base });
  return new Set(two.map(({ id }) => id));
}

async function enrolPeople(
  base: string,
  random: Random,
  rows: readonly PersonRow[],
): Promise<void> {
  const { clock } = await call(health, {}, { base });
  const { id: listService } = await call(
    createService,
    { body: { name: 'Ellery Letters', url: `${base}${LIST_SERVICE}`, inside: true } },
    { base },
  );
  const free = new Set(rows.map(({ id }) => id));
  for (const { draft, circles, people } of makeCadences(listService, await keepTemplates(base))) {
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
