import type { Router } from 'express';

import * as api from '@/contract/carriers';

import { register } from '../api';
import type { Context } from '../context';
import * as actions from './actions';
import { check, makeSigningKey } from './domain';

export function carrierRoutes(router: Router, ctx: Context): void {
  register(router, api.readCarriers, () => actions.read(ctx));
  register(router, api.saveMail, ({ body }) => actions.save(ctx, 'mail', body.setup, body.secret));
  register(router, api.saveMailbox, ({ body }) =>
    actions.save(ctx, 'mailbox', body.setup, body.secret),
  );
  register(router, api.saveTexts, ({ body }) =>
    actions.save(ctx, 'texts', body.setup, body.secret),
  );
  register(router, api.makeSigningKey, () => makeSigningKey(ctx));
  register(router, api.checkDomain, ({ body }) => check(ctx, body.given));
  register(router, api.removeCarrier, ({ params }) => actions.remove(ctx, params.kind));
  register(router, api.tryCarrier, ({ params }) => actions.tryOut(ctx, params.kind));
}
