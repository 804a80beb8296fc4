import type { Router } from 'express';

import * as cadences from '@/contract/cadences';
import * as api from '@/contract/enrolments';
import * as rotaApi from '@/contract/rota';

import { register } from '../api';
import type { Context } from '../context';
import { tryDraft } from './change';
import { enrol, previewEnrol } from './enrol';
import { feed } from './feed';
import { countForPost } from './queries';
import * as rota from './rota';
import * as running from './running';
import { decideWork, listWork } from './work';

export function enrolmentRoutes(router: Router, ctx: Context): void {
  // What a change would do to those who are on it is known here, not to the definitions.
  register(router, cadences.tryCadence, ({ body }) => tryDraft(ctx, body));
  register(router, cadences.feedCadence, ({ params, body }) => feed(ctx, params.id, body.feed));
  register(router, api.listEnrolments, ({ params, query }) =>
    running.peopleOn(ctx, params.id, query),
  );
  register(router, api.previewEnrolment, ({ body }) => previewEnrol(ctx, body));
  register(router, api.enrol, ({ body }) => enrol(ctx, body));
  register(router, api.stopEnrolments, ({ body }) => running.stop(ctx, body.ids, body.reason));
  register(router, api.pauseEnrolments, ({ body }) => running.pause(ctx, body.ids));
  register(router, api.resumeEnrolments, ({ body }) => running.resume(ctx, body.ids, body.mode));
  register(router, rotaApi.getRota, ({ params }) => rota.read(ctx, params.id));
  register(router, rotaApi.tryRota, ({ params, body }) => rota.tryOut(ctx, params.id, body));
  register(router, rotaApi.saveRota, ({ params, body }) => rota.save(ctx, params.id, body));
  register(router, rotaApi.regroupRota, ({ params }) => rota.evenOut(ctx, params.id));
  register(router, rotaApi.endRota, ({ params }) => rota.end(ctx, params.id));
  register(router, rotaApi.listRotas, () => rota.present(ctx));
  register(router, api.listWorkCadences, () => listWork(ctx));
  register(router, api.decideWorkCadence, ({ body }) => decideWork(ctx, body));
  register(router, api.countForPost, async () => ({ total: await countForPost(ctx.db) }));
}
