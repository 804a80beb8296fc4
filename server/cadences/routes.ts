import type { Router } from 'express';

import * as api from '@/contract/cadences';
import * as enrolments from '@/contract/enrolments';
import * as rotaApi from '@/contract/rota';

import type { Context } from '../context';
import { register } from '../http/register';
import * as actions from './actions';
import { tryDraft } from './change';
import { enrol, previewEnrol } from './enrol';
import { feed } from './feed';
import { readCadences } from './queries';
import * as rota from './rota';
import * as running from './running';

export function cadenceRoutes(router: Router, ctx: Context): void {
  register(router, api.listCadences, async () => ({
    cadences: (await readCadences(ctx.db)).map(actions.toAnswer),
  }));
  register(router, api.tryCadence, ({ body }) => tryDraft(ctx, body));
  register(router, api.getCadence, async ({ params }) =>
    actions.toAnswer(await actions.find(ctx, params.id)),
  );
  register(router, api.createCadence, ({ body }) => actions.create(ctx, body));
  register(router, api.saveCadence, ({ params, body }) => actions.save(ctx, params.id, body));
  register(router, api.switchCadence, ({ params, body }) =>
    actions.setActive(ctx, params.id, body.active),
  );
  register(router, api.feedCadence, ({ params, body }) => feed(ctx, params.id, body.feed));
  register(router, api.deleteCadence, ({ params }) => actions.remove(ctx, params.id));
  register(router, api.listVersions, ({ params }) => actions.versions(ctx, params.id));
  register(router, enrolments.listEnrolments, ({ params, query }) =>
    running.peopleOn(ctx, params.id, query),
  );
  register(router, enrolments.previewEnrolment, ({ body }) => previewEnrol(ctx, body));
  register(router, enrolments.enrol, ({ body }) => enrol(ctx, body));
  register(router, enrolments.stopEnrolments, ({ body }) =>
    running.stop(ctx, body.ids, body.reason),
  );
  register(router, enrolments.pauseEnrolments, ({ body }) => running.pause(ctx, body.ids));
  register(router, enrolments.resumeEnrolments, ({ body }) =>
    running.resume(ctx, body.ids, body.mode),
  );
  register(router, rotaApi.getRota, ({ params }) => rota.read(ctx, params.id));
  register(router, rotaApi.tryRota, ({ params, body }) => rota.tryOut(ctx, params.id, body));
  register(router, rotaApi.saveRota, ({ params, body }) => rota.save(ctx, params.id, body));
  register(router, rotaApi.regroupRota, ({ params }) => rota.evenOut(ctx, params.id));
  register(router, rotaApi.endRota, ({ params }) => rota.end(ctx, params.id));
  register(router, rotaApi.listRotas, () => rota.present(ctx));
  register(router, enrolments.listWaiting, () => running.waiting(ctx));
}
