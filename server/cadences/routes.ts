import type { Router } from 'express';

import * as api from '@/contract/cadences';

import type { Context } from '../context';
import { register } from '../http/register';
import * as actions from './actions';
import { readCadences } from './queries';

export function cadenceRoutes(router: Router, ctx: Context): void {
  register(router, api.listCadences, async () => ({
    cadences: (await readCadences(ctx.db)).map((c) => ({ ...c, beats: [...c.beats] })),
  }));
  register(router, api.getCadence, async ({ params }) => {
    const cadence = await actions.find(ctx, params.id);
    return { ...cadence, beats: [...cadence.beats] };
  });
  register(router, api.createCadence, ({ body }) => actions.create(ctx, body));
  register(router, api.saveCadence, ({ params, body }) => actions.save(ctx, params.id, body));
  register(router, api.previewEnrolment, ({ body }) => actions.previewEnrolment(ctx, body));
  register(router, api.enrol, ({ body }) => actions.enrol(ctx, body));
  register(router, api.stopEnrolment, ({ params, body }) =>
    actions.stop(ctx, params.id, body.reason),
  );
}
