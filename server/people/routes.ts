import type { Router } from 'express';

import { PhotoId } from '@/contract/common';
import * as api from '@/contract/people';
import * as many from '@/contract/many';
import { PersonDraft } from '@/contract/record';
import * as same from '@/contract/same';
import * as story from '@/contract/story';
import { readTypedLine } from '@/core/intake';
import { orderIn } from '@/core/time';

import type { Context } from '../context';
import { memoizeUntilWrite, notFound, register, type RequestInput } from '../api';
import { readEntries } from '../lists';
import { readSettings } from '../settings';
import * as actions from './actions';
import { assertRules, filterWarnings } from './find/filter-faults';
import { enrichPerson } from './record/add-to-person';
import { asking } from './find/conditions';
import * as erase from './erase/erase';
import * as households from './record/households';
import { changeMany, preview } from './many/many';
import { listMerged, takeApart } from './same/apart';
import * as merging from './same/merge';
import * as photos from './record/photo';
import { countPeople, countByWarmth, tagCounts } from './queries';
import * as sames from './same/same';
import { splitCouple } from './record/split';
import { readList } from './find/list';
import * as jobs from './record/jobs';
import * as notes from './record/note-actions';
import { FACTS } from './slots';
import * as ties from './record/ties';

export function peopleRoutes(router: Router, ctx: Context): void {
  const list = async ({ query }: RequestInput<typeof api.listPeople>) => {
    const { sort, offset, limit, ...filter } = query;
    await assertRules(ctx, ctx.db, { filter });
    return readList(ctx, filter, sort, { offset, limit });
  };
  register(router, api.listPeople, memoizeUntilWrite(ctx, list));
  register(router, api.countPeople, async ({ body: { filter } }) => {
    await assertRules(ctx, ctx.db, { filter });
    return {
      total: await countPeople(ctx.db, { filter }, asking(ctx)),
      warnings: await filterWarnings(ctx.db, filter),
    };
  });
  const facets = async ({
    query: { warmths: _, ...filter },
  }: RequestInput<typeof api.peopleFacets>) => {
    await assertRules(ctx, ctx.db, { filter });
    const warmth = await countByWarmth(ctx.db, filter, asking(ctx));
    return {
      total: warmth.reduce((sum, { people }) => sum + people, 0),
      warmth: Object.fromEntries(warmth.map((row) => [row.warmth ?? 'none', row.people])),
      tags: await tagCounts(ctx.db),
    };
  };
  register(router, api.peopleFacets, memoizeUntilWrite(ctx, facets));
  register(router, api.listFacts, async () => ({
    facts: ctx.house.of(FACTS).map(({ key, label, type }) => ({ key, label, type })),
  }));
  register(router, api.readLine, async ({ body }) => {
    const circles = await readEntries(ctx.db, 'circle');
    const roles = await readEntries(ctx.db, 'role');
    const { locale, country } = await readSettings(ctx.db);
    const line = readTypedLine(
      body.line,
      { roles: roles.map(({ name }) => name), circles: circles.map(({ name }) => name) },
      { order: orderIn(locale), today: ctx.clock.today(), country },
    );
    const { circle, ...said } = line.draft;
    const circleId = circles.find(({ name }) => name === circle)?.id;
    const read = { unread: line.unread, draft: { ...said, ...(circleId ? { circleId } : {}) } };
    // What no record could hold, such as a name of a thousand letters, is a note.
    const fits = PersonDraft.safeParse(read.draft).success;
    const { draft, unread } = fits ? read : { draft: { note: body.line }, unread: [] };
    return { draft, unread, lookAlikes: await sames.draftLookAlikes(ctx, draft) };
  });
  register(router, api.findLookAlikes, async ({ body }) => ({
    lookAlikes: await sames.draftLookAlikes(ctx, body.draft),
  }));
  manyRoutes(router, ctx);
  register(router, api.addPerson, ({ body }) => actions.add(ctx, body));
  register(router, api.editPerson, ({ params, body }) => actions.edit(ctx, params.id, body));
  register(router, api.enrichPerson, ({ params, body }) => enrichPerson(ctx, params.id, body));
  register(router, api.eraseImpact, ({ params }) => erase.erasureOf(ctx, params.id));
  register(router, api.erasePerson, ({ params, body }) => erase.erase(ctx, params.id, body.name));
  storyRoutes(router, ctx);
  sameRoutes(router, ctx);
}

function manyRoutes(router: Router, ctx: Context): void {
  register(router, many.previewMany, ({ body }) => preview(ctx, body.who, body.change));
  register(router, many.changeMany, ({ body }) => changeMany(ctx, body.who, body.change));
}

function storyRoutes(router: Router, ctx: Context): void {
  register(router, story.addNote, ({ params, body }) => notes.writeNote(ctx, params.id, body));
  register(router, story.keepDate, ({ params, body }) => notes.keepDate(ctx, params.id, body));
  register(router, story.editNote, ({ params, body }) => notes.changeNote(ctx, params.id, body));
  register(router, story.removeNote, ({ params }) => notes.removeNote(ctx, params.id));
  register(router, story.addTie, ({ params, body }) => ties.add(ctx, params.id, body));
  register(router, story.removeTie, ({ params }) => ties.remove(ctx, params.id));
  register(router, story.joinHousehold, ({ params, body }) =>
    households.join(ctx, params.id, body.withId),
  );
  register(router, story.leaveHousehold, ({ params }) => households.leave(ctx, params.id));
  register(router, story.saveSalutations, ({ params, body }) =>
    households.saveSalutations(ctx, params.id, body),
  );
  register(router, story.addJob, ({ params, body }) => jobs.startJob(ctx, params.id, body));
  register(router, story.editJob, ({ params, body }) => jobs.changeJob(ctx, params.id, body));
  register(router, story.removeJob, ({ params }) => jobs.removeJob(ctx, params.id));
  register(router, story.savePhoto, ({ params, body }) =>
    photos.save(ctx, params.id, body.content),
  );
  // A picture is bytes, not JSON; one id is one picture for good.
  router.get('/photos/:id', async (request, response) => {
    const { success, data } = PhotoId.safeParse(request.params.id);
    const photo = success ? await photos.readPhoto(ctx.db, data) : null;
    if (!photo) throw notFound('This photo is not there any more.');
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    response.type(photo.mime).send(Buffer.from(photo.content, 'base64'));
  });
}

function sameRoutes(router: Router, ctx: Context): void {
  register(router, same.listSame, ({ query }) => sames.list(ctx, query.limit));
  register(router, same.getPair, ({ query }) => sames.pair(ctx, query.a, query.b));
  register(router, same.keepApart, ({ body }) => sames.keepApart(ctx, body.a, body.b));
  register(router, same.splitCouple, ({ body }) => splitCouple(ctx, body.id));
  register(router, same.mergePeople, ({ body }) =>
    merging.merge(ctx, body.keepId, body.goneId, body.take),
  );
  register(router, same.mergeSure, () => merging.mergeSure(ctx));
  register(router, same.listMerged, async () => ({ merged: await listMerged(ctx) }));
  register(router, same.takeApart, ({ body }) => takeApart(ctx, body.goneId));
}
