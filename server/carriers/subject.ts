import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { SHUTDOWN, STAND_INS } from '../lifecycle';
import { closeCarriers } from './live';
import { carrierRoutes } from './routes';
import { standInCarriers } from './stand-ins';

/** What takes deliveries away and brings answers: mail server, mailbox, text gateway. */
export const carriers: Subject = {
  name: 'carriers',
  provides: [
    TABLES({ table: 'carrier', rows: 'owner' }),
    ROUTES(carrierRoutes),
    STAND_INS(standInCarriers),
    SHUTDOWN(async (ctx) => closeCarriers(ctx)),
  ],
};
