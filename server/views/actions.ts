import type { PeopleFilter, PeopleSort } from '@/contract/filters';

import { act } from '../act';
import type { Context } from '../context';
import { maybeOne, newId, type Sql } from '../db';
import { conflict, notFound } from '../api';
import { asking, assertRules, countPeople, filterWarnings } from '../people';

interface ViewRow {
  id: string;
  name: string;
  filter: PeopleFilter;
  sort: PeopleSort;
  pinned: boolean;
  hidden: boolean;
}

export async function list(ctx: Context) {
  const rows = await ctx.db.query<ViewRow>(
    `select id, name, filter, sort, pinned, hidden from saved_view
     order by pinned desc, position, lower(name)`,
  );
  const views = [];
  for (const row of rows) {
    const fault = await faultOf(ctx, ctx.db, row);
    views.push({
      ...row,
      people: fault ? 0 : await countPeople(ctx.db, row, asking(ctx)),
      warnings: fault ? [fault] : await filterWarnings(ctx.db, row.filter),
    });
  }
  return { views };
}

/** A view's name and filter, with what keeps it from being asked; null when it is gone. */
export async function filterOf(ctx: Context, sql: Sql, id: string) {
  const view = await maybeOne<Pick<ViewRow, 'name' | 'filter'>>(
    sql,
    'select name, filter from saved_view where id = $1::uuid',
    [id],
  );
  return view && { ...view, fault: await faultOf(ctx, sql, view) };
}

/** Why a view can't be asked any more (an own field is gone); null when it can. */
const faultOf = (ctx: Context, sql: Sql, view: Pick<ViewRow, 'filter'>) =>
  assertRules(ctx, sql, view).then(
    () => null,
    (error: Error) => error.message,
  );

async function assertFree(tx: Sql, name: string, ownId: string | null = null): Promise<void> {
  const taken = await maybeOne(
    tx,
    'select 1 from saved_view where lower(name) = lower($1) and id is distinct from $2::uuid',
    [name, ownId],
  );
  if (taken) throw conflict(`There is a view called ${name} already. Choose another name.`);
}

export async function save(
  ctx: Context,
  view: { name: string; filter: PeopleFilter; sort: PeopleSort },
) {
  return act(ctx, async (tx) => {
    await assertRules(ctx, tx, view);
    await assertFree(tx, view.name);
    const id = newId(ctx.clock.nowMs());
    await tx.query(
      `insert into saved_view (id, name, filter, sort, position)
       values ($1::uuid, $2, $3::jsonb, $4, (select coalesce(max(position), -1) + 1 from saved_view))`,
      [id, view.name, JSON.stringify(view.filter), view.sort],
    );
    return { id, sentence: `Kept the view ${view.name}`, plan: 'nobody', topics: ['views'] };
  });
}

type ViewChange = { [K in keyof Omit<ViewRow, 'id'>]?: ViewRow[K] | undefined };

export async function change(ctx: Context, id: string, body: ViewChange) {
  return act(ctx, async (tx) => {
    const present = await maybeOne<ViewRow>(tx, 'select * from saved_view where id = $1::uuid', [
      id,
    ]);
    if (!present) throw notFound('This view is not there any more.');
    if (body.filter) await assertRules(ctx, tx, { filter: body.filter });
    if (body.name) await assertFree(tx, body.name, id);
    const next = {
      ...present,
      ...Object.fromEntries(Object.entries(body).filter(([, value]) => value !== undefined)),
    };
    await tx.query(
      `update saved_view set name = $2, filter = $3::jsonb, sort = $4, pinned = $5, hidden = $6
       where id = $1::uuid`,
      [id, next.name, JSON.stringify(next.filter), next.sort, next.pinned, next.hidden],
    );
    return { sentence: `Changed the view ${next.name}`, plan: 'nobody', topics: ['views'] };
  });
}

export async function order(ctx: Context, ids: readonly string[]) {
  return act(ctx, async (tx) => {
    await tx.query(
      `update saved_view v set position = o.n::int - 1
       from unnest($1::uuid[]) with ordinality as o (id, n) where v.id = o.id and v.position <> o.n - 1`,
      [ids],
    );
    return { sentence: 'Put the views in order', plan: 'nobody', topics: ['views'] };
  });
}

export async function remove(ctx: Context, id: string) {
  return act(ctx, async (tx) => {
    const fed = await tx.query<{ name: string }>(
      'update cadence set fed_by = null where fed_by = $1::uuid returning name',
      [id],
    );
    const [row] = await tx.query<{ name: string }>(
      'delete from saved_view where id = $1::uuid returning name',
      [id],
    );
    if (!row) throw notFound('This view is not there any more.');
    const joins = fed.map(({ name }) => name).join(' or ');
    const also = joins ? `; nobody joins ${joins} by it any more` : '';
    return {
      sentence: `Took the view ${row.name} away${also}`,
      plan: 'nobody',
      topics: ['views', 'cadences'],
    };
  });
}
