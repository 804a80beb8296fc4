import type { Router } from 'express';

import * as api from '@/contract/exports';

import type { Context } from '../context';
import { notFound, register } from '../api';
import { assertRules } from '../people';
import * as actions from './actions';

export function exportRoutes(router: Router, ctx: Context): void {
  register(router, api.exportColumns, () => actions.columns(ctx));
  register(router, api.exportPeople, async ({ body }) => {
    await assertRules(ctx, ctx.db, body.who);
    return actions.exportPeople(ctx, body);
  });
  // A card is a file for other programs, not JSON.
  router.get('/people/:id/card.vcf', async (request, response) => {
    const text = /^[0-9a-f-]{36}$/.test(request.params.id)
      ? await actions.card(ctx, request.params.id)
      : null;
    if (!text) throw notFound('This person is not in your sphere any more.');
    response.attachment('card.vcf').type('text/vcard;charset=utf-8').send(text);
  });
}
