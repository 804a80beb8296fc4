import { LACKS, type Lack } from '@/contract/filters';
import { need } from '@/core/need';
import { formatPhone, LEARNT_FROM, tagIdeas } from '@/core/people';
import { plural } from '@/core/time';

import { act } from '../act';
import type { Context } from '../context';
import { newId, one, type Sql } from '../db';
import { findOrRefuse, lackSql, raiseVersions, tagPeople } from '../people';

const SPHERE = 'p.archived_on is null and p.deleted_on is null';
const passed = (lack: Lack) =>
  `exists (select 1 from dismissed o where o.person_id = p.id and o.what = 'gap:${lack}')`;
const openSql = (lack: Lack) => `${SPHERE} and ${lackSql(lack)} and not ${passed(lack)}`;

export async function gaps(ctx: Context) {
  const row = await one<Record<Lack, number>>(
    ctx.db,
    `select ${LACKS.map((lack) => `(count(*) filter (where ${openSql(lack)}))::int as ${lack}`).join(', ')} from person p`,
  );
  return { gaps: LACKS.map((lack) => ({ lack, people: row[lack] })) };
}

const WORKLIST = 500;

export async function worklist(ctx: Context, lack: Lack) {
  const rows = await ctx.db.query<{
    id: string;
    version: number;
    name: string;
    about: string;
    phone: string;
    total: number;
  }>(
    `select p.id, p.version, p.name, count(*) over ()::int as total,
       concat_ws(' · ', nullif(c.name, ''), nullif(p.company, ''), nullif(p.place, ''), nullif(p.email, '')) as about, p.phone
     from person p join person_standing s on s.person_id = p.id left join circle c on c.id = p.circle_id
     where ${openSql(lack)} order by s.due_on asc nulls last, p.id limit ${WORKLIST}`,
  );
  return {
    total: rows[0]?.total ?? 0,
    people: rows.map(({ phone, about, ...person }) => ({
      ...person,
      about: [about, formatPhone(phone)].filter(Boolean).join(' · '),
    })),
  };
}

async function remember(tx: Sql, personId: string, what: string): Promise<void> {
  await tx.query(
    `insert into dismissed (id, person_id, what) values ($1::uuid, $2::uuid, $3)
     on conflict (person_id, what) do nothing`,
    [newId(), personId, what],
  );
}

export async function pass(ctx: Context, lack: Lack, personId: string) {
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    await remember(tx, personId, `gap:${lack}`);
    return { sentence: `Passed ${name} over`, plan: 'nobody', topics: ['gaps'] };
  });
}

const IDEAS_SHOWN = 300;

/** Everybody's words and tags; the ideas that were passed over are left out. */
export async function ideas(ctx: Context) {
  const rows = await ctx.db.query<{ id: string; name: string; text: string; tags: string[] }>(
    `select p.id, p.name,
       concat_ws(' ', array_to_string(p.interests, ' '), p.job_title, n.body) as text,
       array(select g.name from person_tag pt join tag g on g.id = pt.tag_id
             where pt.person_id = p.id and not g.retired) as tags
     from person p
     left join (select person_id, string_agg(body, ' ') as body from note group by 1) n on n.person_id = p.id
     where ${SPHERE} order by p.id`,
  );
  const out = new Set(
    (
      await ctx.db.query<{ key: string }>(
        `select person_id || ' ' || substr(what, 5) as key from dismissed where what like 'tag:%'`,
      )
    ).map(({ key }) => key),
  );
  const names = new Map(rows.map(({ id, name }) => [id, name]));
  const found = tagIdeas(rows).filter(({ id, tag }) => !out.has(`${id} ${tag.toLowerCase()}`));
  const counts = new Map<string, number>();
  for (const { tags } of rows) for (const tag of tags) counts.set(tag, (counts.get(tag) ?? 0) + 1);
  return {
    total: found.length,
    learnt: [...counts.values()].filter((n) => n >= LEARNT_FROM).length,
    ideas: found
      .slice(0, IDEAS_SHOWN)
      .map(({ id, tag, words }) => ({ personId: id, name: need(names.get(id)), tag, words })),
  };
}

export async function take(ctx: Context, taken: readonly { personId: string; tag: string }[]) {
  return act(ctx, async (tx) => {
    for (const id of new Set(taken.map(({ personId }) => personId))) await findOrRefuse(tx, id);
    const people = await tagPeople(tx, taken);
    await raiseVersions(
      tx,
      taken.map(({ personId }) => personId),
    );
    const [first] = taken;
    const what =
      first && taken.length === 1
        ? `#${first.tag} on ${(await findOrRefuse(tx, first.personId)).name}`
        : plural(people, 'suggested tag');
    return {
      people,
      sentence: `Put ${what}`,
      plan: 'nobody',
      about: taken.map(({ personId }) => personId),
      topics: ['people', 'gaps'],
    };
  });
}

export async function passTag(ctx: Context, personId: string, tag: string) {
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    await remember(tx, personId, `tag:${tag.toLowerCase()}`);
    return {
      sentence: `#${tag} is not suggested for ${name} again`,
      plan: 'nobody',
      topics: ['gaps'],
    };
  });
}
