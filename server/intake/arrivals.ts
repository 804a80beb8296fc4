import type { Takeable } from '@/contract/intake';
import type { PersonDraft } from '@/contract/record';
import { readPhone, splitName } from '@/core/intake';
import { need } from '@/core/need';
import { NOBODY, type PersonFields } from '@/core/people';
import { plainDate } from '@/core/time';

import { act } from '../act';
import { conflict, notFound } from '../api';
import type { Context } from '../context';
import type { Sql } from '../db';
import { addPerson, enrichPerson, lookAlikes } from '../people';
import { readSettings } from '../settings';
import * as queries from './queries';

/** What an arrival says of whoever sent it. */
const fieldsOf = (row: queries.ArrivalRow, take: readonly Takeable[]): Partial<PersonFields> => ({
  emails: row.email && take.includes('email') ? [{ value: row.email, label: '' }] : [],
  phones: row.phone && take.includes('phone') ? [{ value: row.phone, label: '' }] : [],
  consent:
    row.consent && take.includes('consent')
      ? { email: { answer: 'yes', on: plainDate(row.on_day), cameFrom: 'web form' } }
      : {},
});

const noteOf = ({ message }: queries.ArrivalRow, take: readonly Takeable[]) =>
  message && take.includes('message') ? { note: `Web form: ${message}` } : {};

const ALL: readonly Takeable[] = ['email', 'phone', 'message', 'consent'];

/** What waits, each with who may be meant. */
export async function list(ctx: Context, limit: number) {
  const rows = await queries.waitingArrivals(ctx.db, limit);
  const { country } = await readSettings(ctx.db);
  const found: Awaited<ReturnType<typeof lookAlikes>>[] = [];
  for (const row of rows)
    found.push(
      await lookAlikes(ctx.db, { ...NOBODY, ...splitName(row.name), ...fieldsOf(row, ALL) }),
    );
  const ids = [...new Set(found.flatMap((all) => all.map(({ id }) => id)))];
  const known = new Map((await queries.knownOf(ctx.db, ids)).map((one) => [one.id, one]));
  return {
    total: await queries.countWaiting(ctx.db),
    arrivals: rows.map(({ on_day, ...row }, i) => ({
      ...row,
      phone: readPhone(row.phone, country) ?? row.phone,
      on: plainDate(on_day),
      known: need(found[i]).flatMap(({ id, name, verdict, evidence }) => {
        const one = known.get(id);
        if (!one) return [];
        return {
          personId: id,
          name,
          verdict,
          evidence,
          emails: one.emails.map(({ value }) => value),
          phones: one.phones.map(({ value }) => value),
          consent: one.answer,
        };
      }),
    })),
  };
}

async function findWaiting(ctx: Context, id: string): Promise<queries.ArrivalRow> {
  const row = await queries.findArrival(ctx.db, id);
  if (!row) throw notFound('This is not on the list.');
  if (row.fate !== null) throw conflict('This was looked at already, perhaps in another window.');
  return row;
}

/** Notes in the same transaction what became of it, so that it happens once. */
const settle = (id: string, fate: 'added' | 'joined') => async (tx: Sql, personId: string) => {
  if (!(await queries.settleArrival(tx, id, fate, personId)))
    throw conflict('This was looked at already, perhaps in another window.');
  return ['intake'] as const;
};

export async function add(ctx: Context, id: string) {
  const row = await findWaiting(ctx, id);
  const draft = {
    ...splitName(row.name),
    ...fieldsOf(row, ALL),
    ...noteOf(row, ALL),
    standing: 'New',
    source: 'Web form',
  };
  return addPerson(ctx, draft as PersonDraft, settle(id, 'added'));
}

export async function join(ctx: Context, id: string, personId: string, take: readonly Takeable[]) {
  const row = await findWaiting(ctx, id);
  const draft = { ...fieldsOf(row, take), ...noteOf(row, take) };
  return enrichPerson(ctx, personId, draft as PersonDraft, settle(id, 'joined'));
}

export async function drop(ctx: Context, id: string) {
  const { name } = await findWaiting(ctx, id);
  return act(ctx, async (tx) => {
    await queries.deleteArrival(tx, id);
    return {
      sentence: `Took ${name} off what came by the web form`,
      plan: 'nobody',
      topics: ['intake'],
    };
  });
}
