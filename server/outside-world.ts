import { Router } from 'express';

import { fateOfMail, fateOfText, LIST_SERVICE, MAIL_USER, OUTSIDE_SECRET } from '@/demo';
import { arrivedPage, listService, mailServer, textGateway } from '@/standins';

import { moveStandIn } from './carriers';
import type { Context } from './context';
import { secretAt } from './services';

/** The demo's stand-ins for services outside. */
export interface OutsideWorld {
  shown: Router;
  keyed: Router;
  smtpPort: number;
  pop3Port: number;
  close(): Promise<void>;
}

/** The mail server listens this far from Pen Pal's own port, its mailbox one further. */
const MAIL_OFFSET = 10;

/** People open their mail a while after it came; who does at once is taken for a machine. */
const READ_AFTER_MS = 3_000;

/** The outside world of the demo: speaks what real services speak, on loopback. */
export async function outsideWorld(ctx: Context, port: number): Promise<OutsideWorld> {
  const wanted = { user: MAIL_USER, password: OUTSIDE_SECRET, readAfterMs: READ_AFTER_MS };
  const rules = { outcome: fateOfMail };
  // Another demo may have these ports: then whichever are free.
  const mail = await mailServer(
    {
      ...wanted,
      ...(port > 0 ? { smtpPort: port + MAIL_OFFSET, pop3Port: port + MAIL_OFFSET + 1 } : {}),
    },
    rules,
  ).catch(() => mailServer(wanted, rules));
  const gateway = textGateway(OUTSIDE_SECRET, fateOfText);
  await moveStandIn(ctx, MAIL_USER, { mail: mail.smtpPort, mailbox: mail.pop3Port });
  const shown = Router();
  shown.use(
    '/list',
    listService(() => secretAt(ctx, LIST_SERVICE)),
  );
  shown.get('/arrived', arrivedPage(mail.arrived, gateway.taken));
  const keyed = Router();
  keyed.use('/texts', gateway.router);
  const { smtpPort, pop3Port, close } = mail;
  return { shown, keyed, smtpPort, pop3Port, close };
}
