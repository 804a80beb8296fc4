import { Liquid } from 'liquidjs';

import { call } from '@/contract/call';
import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { holdAll, listOutbox, listSent } from '@/contract/messages';
import { saveSettings } from '@/contract/settings';
import type { WorkCalendar } from '@/core/calendar';
import { passedBeats } from '@/core/enrolments';
import { countParts } from '@/core/messages';
import { fill } from '@/core/templates';
import { plainDate, toDayNumber, toPlainDate } from '@/core/time';
import { DEFAULT_HOLDS } from '@/core/touches';
import { instantOf, nextSendable } from '@/core/zones';
import { beat } from '@/testing/cadences';

import { bring, inDirectory, settled, startProduct, timed } from './product';
import { afternoon, everybody, toAll } from './sending';
import { medianMs, type Figure } from './table';

const WORDS =
  'Dear {{ first_name | default: "neighbor" }},\n\nhow is {% if place %}the house in {{ place }}{% else %}the house{% endif %}? Rates moved a little this month; if you wonder what that means for {{ home_names }}, ask me.\n\n{{ signature }}';

const valuesOf = (i: number) => ({
  first_name: i % 7 === 0 ? '' : `Name${i}`,
  place: i % 3 === 0 ? null : 'Harbor',
  home_names: `Name${i} and Other${i}`,
  signature: 'Marisol',
});

/** Filling words in and counting parts, beside the bare library. */
export async function benchWords(): Promise<Figure[]> {
  const MESSAGES = 10_000;
  const liquid = new Liquid();
  const parsed = liquid.parse(WORDS);
  const all = Array.from({ length: MESSAGES }, (_, i) => valuesOf(i));
  const floor = {
    what: 'the library alone',
    ms: await medianMs(() => {
      for (const values of all) liquid.renderSync(parsed, values);
    }),
  };
  const merged = await medianMs(() => {
    for (const values of all)
      if (!fill(WORDS, values).ok) throw new Error('It can’t be filled in.');
  });
  const long = `${'Grüße, ¿qué tal? €5 [ok] 🎉 '.repeat(60)}`;
  const counted = await medianMs(() => countParts(long), 50);
  return [
    {
      what: 'merging messages',
      size: `${MESSAGES} messages`,
      ms: merged,
      floor,
      limit: { what: 'at most 2×', kept: merged / floor.ms <= 2 },
    },
    {
      what: 'counting the parts of a text',
      size: `${long.length} signs`,
      ms: counted,
      limit: { what: 'under 1 ms', kept: counted < 1 },
    },
  ];
}

/** What goes by itself today and when, worked out for a large sphere. */
export function benchByItself(): Figure[] {
  const PEOPLE = 10_000;
  const today = toDayNumber(plainDate('2026-11-23'));
  const calendar: WorkCalendar = { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() };
  const context = { today, until: today, calendar, holds: DEFAULT_HOLDS, putOffs: new Map() };
  const zones = ['America/Los_Angeles', 'America/New_York', 'Europe/Lisbon', 'Asia/Tokyo'];
  const cadence = {
    id: 'c',
    name: 'Half by hand',
    rounds: null,
    gapDays: 30,
    followOn: false,
    handOver: null,
    beats: [
      beat(0),
      beat(30, 'email', 'x', { way: 'auto' }),
      beat(60),
      beat(90, 'text', 'x', { way: 'auto' }),
    ],
  };
  const enrolments = Array.from({ length: PEOPLE }, (_, i) => ({
    id: `e${i}`,
    cadence,
    run: { start: today - (i % 400) },
    settledUntil: null,
  }));
  const quiet = { quietFrom: '21:00', quietUntil: '08:00', isFree: () => false };
  let waiting = 0;
  const work = () => {
    waiting = 0;
    for (const [i, enrolment] of enrolments.entries())
      for (const { fate, nominal } of passedBeats(enrolment, context, today - 7)) {
        if (fate !== 'waiting') continue;
        waiting += 1;
        const zone = zones[i % zones.length]!;
        nextSendable(instantOf(toPlainDate(nominal), '09:30', zone), { ...quiet, zone });
      }
  };
  const started = performance.now();
  work();
  const ms = performance.now() - started;
  return [
    {
      what: 'what goes by itself today, and when',
      size: `${PEOPLE} people, ${waiting} messages`,
      ms,
      limit: { what: 'under 1 s', kept: ms < 1_000 },
    },
  ];
}

/** What goes by itself for a large sphere, and an outbox that is full. */
export async function benchOutbox(): Promise<Figure[]> {
  const figures: Figure[] = [];
  await inDirectory(async (dir) => {
    const PEOPLE = 10_000;
    const { base, end } = await startProduct(dir);
    const total = async () => {
      const { waitingTotal, goingTotal } = await call(listOutbox, {}, { base });
      return waitingTotal + goingTotal;
    };
    try {
      await call(saveSettings, { body: { timeZone: afternoon(), autoNeedsYes: false } }, { base });
      await bring(base, PEOPLE);
      const { id } = await call(
        createCadence,
        {
          body: {
            name: 'By itself',
            rounds: 1,
            gapDays: 0,
            beats: [beat(0, 'email', 'How is the garden, {{ first_name }}?', { way: 'auto' })],
          },
        },
        { base },
      );
      const body = { cadenceId: id, who: everybody, startOn: '2026-11-23', leaveOut: [] };
      await call({ ...enrol, long: true }, { body }, { base });
      const until = async (n: number) => {
        while ((await total()) < n) await new Promise((done) => setTimeout(done, 50));
      };
      const first = await timed(() => until(1));
      const made = await timed(() => until(PEOPLE));
      figures.push(
        {
          what: 'what goes by itself: from enrolling to the first in the outbox',
          size: `${PEOPLE} people`,
          ms: first,
        },
        {
          what: 'what goes by itself: from the first in the outbox to the last',
          size: `${PEOPLE} people`,
          ms: made,
        },
      );
      while ((await total()) < 100_000) await toAll(base);
      await settled(base);
      figures.push(
        await slowest('the outbox', () => call(listOutbox, {}, { base })),
        await slowest('what has gone', () => call(listSent, { query: {} }, { base })),
      );
      const held = await timed(() => call(holdAll, { body: { hold: true } }, { base }));
      figures.push({ what: 'hold all', size: '100,000 messages', ms: held });
    } finally {
      await end();
    }
  });
  return figures;
}

async function slowest(what: string, ask: () => Promise<unknown>): Promise<Figure> {
  await ask();
  const times: number[] = [];
  for (let i = 0; i < 100; i++) times.push(await timed(ask));
  const ms = times.toSorted((a, b) => a - b)[94]!;
  return {
    what: `${what}, the 95th of 100 times`,
    size: '100,000 messages',
    ms,
    limit: { what: 'under 100 ms', kept: ms < 100 },
  };
}
