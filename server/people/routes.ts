import type { Router } from 'express';

import * as api from '@/contract/people';
import { readTypedLine } from '@/core/intake';

import type { Context } from '../context';
import { register } from '../http/register';
import * as actions from './actions';
import { facetCounts, tagCounts } from './queries';

import { readList, readSheet } from './sheet';

export function peopleRoutes(router: Router, ctx: Context): void {
  register(router, api.listPeople, async ({ query: { sort, offset, limit, ...filter } }) =>
    readList(ctx, filter, sort, { offset, limit }),
  );
  register(router, api.peopleFacets, async () => {
    const warmth = await facetCounts(ctx.db, ctx.clock.today());
    return {
      total: warmth.reduce((sum, { people }) => sum + people, 0),
      warmth: Object.fromEntries(warmth.map((row) => [row.warmth ?? 'none', row.people])),
      tags: await tagCounts(ctx.db),
    };
  });
  register(router, api.readLine, async ({ body }) => readTypedLine(body.line));
  register(router, api.setCircle, ({ body }) => actions.setCircle(ctx, body.who, body.circleId));
  register(router, api.addTag, ({ body }) => actions.addTag(ctx, body.who, body.tag));
  register(router, api.addPerson, ({ body }) => actions.add(ctx, body));
  register(router, api.getPerson, ({ params }) => readSheet(ctx, params.id));
  register(router, api.editPerson, ({ params, body }) => actions.edit(ctx, params.id, body));
  register(router, api.addNote, ({ params, body }) => actions.writeNote(ctx, params.id, body.body));
}
