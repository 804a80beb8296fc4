import type { Who } from '@/contract/filters';
import {
  columnLabel,
  csvHead,
  csvRows,
  writeVCard,
  type CardPerson,
  type ExportColumn,
  type JobTold,
  type TouchTold,
} from '@/core/intake';
import { need } from '@/core/need';
import { COLUMN_KEYS, displayName, type OwnField } from '@/core/people';

import type { Context } from '../context';
import { invalid } from '../api';
import { readOwnFields } from '../lists';
import { FACTS, fieldsOf, resolveSelection, readFacts, tiesOfMany } from '../people';
import { readMemo, writeMemo } from '../settings';
import { prepare } from './prepared';

const CHOSEN = 'export-columns';
const USUAL: ExportColumn[] = [
  'givenName',
  'familyName',
  'company',
  'email',
  'phone',
  'addressLine',
  'city',
  'region',
  'postalCode',
  'birthday',
  'roles',
  'circle',
  'tags',
  'note',
];

export async function columns(ctx: Context) {
  const own = await readOwnFields(ctx.db);
  const facts = ctx.house.of(FACTS);
  const keys: ExportColumn[] = [
    ...COLUMN_KEYS,
    ...facts.map(({ key }) => `fact:${key}` as const),
    ...own.map(({ id }) => `own:${id}` as const),
  ];
  const chosen = (await readMemo<ExportColumn[]>(ctx.db, CHOSEN)) ?? USUAL;
  return {
    columns: keys.map((key) => ({ key, label: columnLabel(key, own, facts) })),
    chosen: chosen.filter((key) => keys.includes(key)),
  };
}

/** So many people at a time are read and written: what waits to be fetched takes little memory. */
const PAGE = 500;

export async function exportPeople(
  ctx: Context,
  request: { who: Who; format: 'csv' | 'vcard'; columns: ExportColumn[] },
) {
  const { format, columns } = request;
  if (format === 'csv') {
    if (columns.length === 0) throw invalid('Choose at least one column.', 'columns');
    await writeMemo(ctx.db, CHOSEN, columns);
  }
  const ids = await resolveSelection(ctx, request.who);
  const name = `people-${ctx.clock.today()}`;
  const file =
    format === 'csv'
      ? {
          fileName: `${name}.csv`,
          mime: 'text/csv;charset=utf-8',
          parts: () => csvParts(ctx, ids, columns),
        }
      : {
          fileName: `${name}.vcf`,
          mime: 'text/vcard;charset=utf-8',
          parts: () => cardParts(ctx, ids),
        };
  const id = prepare(ctx, file);
  return { path: `/api/exports/${id}`, fileName: file.fileName, people: ids.length };
}

async function* csvParts(ctx: Context, ids: readonly string[], columns: readonly ExportColumn[]) {
  const own = await readOwnFields(ctx.db);
  yield csvHead(columns, own, ctx.house.of(FACTS));
  for (const page of pages(ids))
    yield csvRows(await readCards(ctx, page, own, false), columns, own);
}

async function* cardParts(ctx: Context, ids: readonly string[]) {
  const own = await readOwnFields(ctx.db);
  for (const page of pages(ids))
    yield (await readCards(ctx, page, own, true)).map(writeVCard).join('');
}

function* pages(ids: readonly string[]) {
  for (let from = 0; from < ids.length; from += PAGE) yield ids.slice(from, from + PAGE);
}

/** One person as a card to pass on: what others may know, without the owner's own notes and marks. */
export async function card(
  ctx: Context,
  id: string,
): Promise<{ fileName: string; text: string } | null> {
  const [person] = await readCards(ctx, [id], [], true);
  if (!person) return null;
  const { fields } = person;
  const text = writeVCard({
    ...person,
    tags: [],
    circle: '',
    promiseDays: null,
    notes: [],
    touches: [],
    jobs: [],
    ties: [],
    ownByName: {},
    facts: {},
    fields: {
      ...fields,
      roles: [],
      standing: '',
      source: '',
      interests: [],
      dates: [],
      birthday: null,
      favourite: false,
      wouldRefer: null,
      wouldReferOn: null,
      consent: {},
    },
  });
  return { fileName: `${fileNameOf(displayName(fields))}.vcf`, text };
}

/** A name as a file may be called on every system. */
const fileNameOf = (name: string): string =>
  name
    .replace(/[\\/:*?"<>|\u0000-\u001F]/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[. ]+|[. ]+$/g, '')
    .slice(0, 80) || 'card';

interface CardRow {
  id: string;
  circle: string | null;
  own_promise_days: number | null;
  tags: string[];
  notes: { on: string; body: string }[] | null;
  touches: TouchTold[] | null;
  jobs: JobTold[] | null;
  photo: string | null;
  mime: string | null;
  [column: string]: unknown;
}

async function readCards(
  ctx: Context,
  ids: readonly string[],
  own: readonly OwnField[],
  whole: boolean,
): Promise<CardPerson[]> {
  const { db: sql } = ctx;
  const rows = await sql.query<CardRow>(
    `select p.*, c.name as circle,
       array(select g.name from person_tag pt join tag g on g.id = pt.tag_id
             where pt.person_id = p.id order by lower(g.name)) as tags,
       (select json_agg(json_build_object('on', n.on_day, 'body', n.body) order by n.on_day desc, n.id desc)
          from note n where n.person_id = p.id) as notes,
       (select json_agg(json_build_object('on', t.on_day, 'kind', t.kind, 'outcome', t.outcome)
            order by t.on_day desc, t.logged_at desc, t.id desc) from touch t where t.person_id = p.id) as touches,
       (select json_agg(json_build_object('name', j.name, 'stage', j.stage, 'on', j.completed_on,
            'valueMinor', j.value_minor, 'feeMinor', j.fee_minor) order by j.completed_on desc nulls first, j.id desc)
          from job j where j.person_id = p.id) as jobs,
       case when $2::boolean then encode(f.bytes, 'base64') end as photo, f.mime
     from unnest($1::uuid[]) with ordinality as w (id, n) join person p on p.id = w.id
     left join circle c on c.id = p.circle_id left join photo f on f.id = p.photo_id
     order by w.n`,
    [ids, whole],
  );
  const facts = await readFacts(ctx, sql, ids);
  const names = new Map(own.map((field) => [field.id, field.name]));
  const ties = await tiesOfMany(sql, ids);
  return rows.map((row) => {
    const fields = fieldsOf(row);
    return {
      id: row.id,
      fields,
      tags: row.tags,
      circle: row.circle ?? '',
      promiseDays: row.own_promise_days,
      notes: row.notes ?? [],
      touches: row.touches ?? [],
      jobs: row.jobs ?? [],
      facts: facts.get(row.id) ?? {},
      ownByName: Object.fromEntries(
        Object.entries(fields.own).map(([id, value]) => [names.get(id) ?? id, value]),
      ),
      photo: row.photo ? { mime: need(row.mime), base64: row.photo.replace(/\s/g, '') } : null,
      ties: ties.get(row.id) ?? [],
    };
  });
}
