import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { call } from '@/contract/call';
import { runImport } from '@/contract/imports';
import { listPeople } from '@/contract/people';
import { getDesk, logTouch } from '@/contract/touches';
import { decode, importRows, readTable } from '@/core/intake';
import type { PlainDate } from '@/core/time';
import { newId, type Sql } from '@/server/db';
import { toRecord, insertPeople } from '@/server/people';
import { sphereNow } from '@/server/planner';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';

import { INNER_TO_OUTER, fillSphere, rowsFor } from './sphere';
import { medianMs, type Figure } from './table';

const TODAY = '2026-11-23';

/** What the desk shows, asked of the database in one statement: people least in time, last note. */
const DESK_SQL = `
  with due as (
    select t.person_id, max(t.on_day + round(t.hold * c.promise_days)::int) as due_on
    from touch t join person p on p.id = t.person_id join circle c on c.id = p.circle_id
    where t.hold > 0 group by 1)
  select p.id, p.name, p.phone, d.due_on,
    (select body from note n where n.person_id = p.id order by on_day desc limit 1) as note
  from due d join person p on p.id = d.person_id order by d.due_on limit 10`;

async function withSphere<T>(
  people: number,
  touchesEach: number,
  work: (api: TestApi) => Promise<T>,
): Promise<T> {
  const api = await startTestApi({ today: TODAY });
  try {
    await fillSphere(api.ctx, people, touchesEach);
    return await work(api);
  } finally {
    await api.close();
  }
}

export async function benchDesk(): Promise<Figure[]> {
  const figures: Figure[] = [];
  for (const people of [1_000, 10_000])
    await withSphere(people, 20, async (api) => {
      const size = `${people} people, ${people * 20} touches`;
      const floor = { what: 'raw SQL', ms: await medianMs(() => api.ctx.db.query(DESK_SQL)) };
      const desk = () => call(getDesk, {}, { base: api.url });
      const warm = await medianMs(desk);
      const limit = { what: 'at most 3×', kept: warm / floor.ms <= 3 };
      figures.push({
        what: 'desk',
        size,
        ms: warm,
        floor,
        ...(people === 10_000 ? { limit } : {}),
      });
      const planned = await medianMs(async () => {
        api.ctx.writes.markStale('everybody');
        await desk();
      }, 3);
      const again = { what: 'at most 3×', kept: planned / floor.ms <= 3 };
      figures.push({
        what: 'desk, planned anew',
        size,
        ms: planned,
        floor,
        ...(people === 10_000 ? { limit: again } : {}),
      });
      const [item] = (await desk()).items;
      const started = performance.now();
      const body = {
        personId: item!.personId,
        kind: item!.kind,
        outcome: 'sent' as const,
        itemKey: item!.key,
      };
      await call(logTouch, { body: { ...body, kind: 'text' } }, { base: api.url });
      figures.push({
        what: 'log a touch, next day planned',
        size,
        ms: performance.now() - started,
      });
      const one = item!.personId;
      const replanned = await medianMs(async () => {
        api.ctx.writes.markStale([one]);
        await sphereNow(api.ctx);
      });
      figures.push({
        what: 'planned anew after one touch',
        size,
        ms: replanned,
        ...(people === 10_000 ? { limit: { what: 'under 50 ms', kept: replanned < 50 } } : {}),
      });
      figures.push({
        what: 'first page of people by slack',
        size,
        ms: await medianMs(() => call(listPeople, {}, { base: api.url })),
      });
    });
  return figures;
}

/** 5,000 people put on a cadence in one action. */
export const benchEnrol = (): Promise<Figure[]> =>
  withSphere(5_000, 2, async (api) => {
    const base = api.url;
    const beats = [beat(0), beat(30, 'text'), beat(60, 'card')];
    const body = { name: 'Quarterly', rounds: null, gapDays: 30, beats };
    const { id } = await call(createCadence, { body }, { base });
    const started = performance.now();
    const request = { cadenceId: id, who: { filter: {} }, startOn: TODAY as PlainDate };
    await call(enrol, { body: request }, { base });
    const ms = performance.now() - started;
    return [
      {
        what: 'enroll in one action',
        size: '5000 people',
        ms,
        limit: { what: 'under 5 s', kept: ms < 5_000 },
      },
    ];
  });

/** The rows of the file put into the table in one statement, without reading, checking or undo. */
async function rawInsert(sql: Sql, text: string): Promise<number> {
  const read = readTable(decode(new TextEncoder().encode(text))!);
  if (!read.ok) throw new Error('unreadable');
  const { people } = importRows(
    read.table,
    ['givenName', 'familyName', 'email', 'phone', 'addressLine'],
    { today: TODAY as never },
  );
  const records = people.map((person) =>
    toRecord(person.fields, {
      id: newId(),
      version: 1,
      circleId: INNER_TO_OUTER[0]!,
      ownPromiseDays: null,
      addedOn: TODAY,
      batchId: null,
    }),
  );
  const started = performance.now();
  await insertPeople(sql, records);
  return performance.now() - started;
}

export async function benchImport(): Promise<Figure[]> {
  const figures: Figure[] = [];
  for (const rows of [1_000, 10_000]) {
    const text = rowsFor(rows);
    const times: number[] = [];
    const floors: number[] = [];
    for (let run = 0; run < 3; run++)
      await withSphere(0, 0, async (api) => {
        const body = {
          fileName: 'bench.csv',
          content: base64(text),
          mapping: null,
          circleId: INNER_TO_OUTER[0]!,
          tag: null,
        };
        const started = performance.now();
        await call(runImport, { body }, { base: api.url });
        times.push(performance.now() - started);
        await api.ctx.db.transaction(async (tx) => void floors.push(await rawInsert(tx, text)));
      });
    const [ms, floor] = [times, floors].map((list) => list.sort((a, b) => a - b)[1]!);
    figures.push({
      what: 'import a CSV',
      size: `${rows} rows`,
      ms: ms!,
      floor: { what: 'raw batched insert', ms: floor! },
      ...(rows === 10_000 ? { limit: { what: 'at most 3×', kept: ms! / floor! <= 3 } } : {}),
    });
  }
  return figures;
}
