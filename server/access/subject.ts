import type { Router } from 'express';

import * as api from '@/contract/access';

import { TABLES } from '../act';
import { register, ROUTES } from '../api';
import type { Context } from '../context';
import type { Subject } from '../house';
import * as actions from './actions';

function accessRoutes(router: Router, ctx: Context): void {
  register(router, api.readAccess, (_, via) => actions.readAccess(ctx, via));
  register(router, api.signIn, ({ body }, via) => actions.signIn(ctx, via, body));
  register(router, api.signOut, (_, via) => actions.signOut(ctx, via));
  register(router, api.listDevices, (_, via) => actions.listDevices(ctx, via));
  register(router, api.endDevice, ({ params }) => actions.endDevice(ctx, params.id));
  register(router, api.endOtherDevices, (_, via) => actions.endOthers(ctx, via));
  register(router, api.setPassphrase, ({ body }, via) => actions.setPassphrase(ctx, via, body));
}

/** Who may come in: the passphrase of the owner and the devices that are signed in. */
export const access: Subject = {
  name: 'access',
  provides: [TABLES({ table: 'session', rows: 'machine' }), ROUTES(accessRoutes)],
};
