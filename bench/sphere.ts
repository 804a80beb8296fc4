import type { Context } from '@/server/context';
import { newId } from '@/server/db';
import { insertPeople, toRecord } from '@/server/people';
import { insertTouches } from '@/server/touches';

export const INNER_TO_OUTER = [1, 2, 3, 4].map((n) => `0190a000-0000-7000-8000-00000000000${n}`);
const PROMISES = [30, 60, 90, 180];
const GAPS = [18, 35, 60, 110];
const CHUNK = 20_000;

const daysBefore = (days: number) =>
  new Date(Date.UTC(2026, 10, 23) - days * 86_400_000).toISOString().slice(0, 10);

/** Puts people with a regular history straight into the database. */
export async function fillSphere(ctx: Context, people: number, touchesEach: number): Promise<void> {
  if (people === 0) return;
  const ids = Array.from({ length: people }, () => newId());
  await insertPeople(
    ctx.db,
    ids.map((id, i) =>
      toRecord(
        {
          givenName: `Given${i}`,
          familyName: `Family${i % 977}`,
          phones: [{ value: '555-0101', label: '' }],
          emails: [{ value: `p${i}@example.com`, label: '' }],
        },
        {
          id,
          version: 1,
          circleId: INNER_TO_OUTER[i % 4]!,
          ownPromiseDays: null,
          addedOn: daysBefore(900),
          batchId: null,
        },
      ),
    ),
  );
  const touches = ids.flatMap((id, i) =>
    Array.from({ length: touchesEach }, (_, n) => ({
      id: newId(),
      person_id: id,
      on_day: daysBefore(((i * 7) % (PROMISES[i % 4]! + 2)) + n * GAPS[i % 4]!),
      logged_at: '2026-11-22T12:00:00Z',
      kind: 'call' as const,
      outcome: 'reached' as const,
      hold: 1,
      note: n % 5 === 0 ? 'Kitchen half done' : '',
    })),
  );
  for (let i = 0; i < touches.length; i += CHUNK)
    await insertTouches(ctx.db, touches.slice(i, i + CHUNK));
  await ctx.db.query('update settings set capacity = $1::int', [Math.ceil(people / 25)]);
  await ctx.db.query('analyze');
}

export const rowsFor = (rows: number): string =>
  ['First name,Last name,E-mail,Phone,Address']
    .concat(
      Array.from(
        { length: rows },
        (_, i) =>
          `Given${i},Family${i % 977},p${i}@example.com,555-01${String(i % 100).padStart(2, '0')},${i} Lantern Row`,
      ),
    )
    .join('\r\n');
