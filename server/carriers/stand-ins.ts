import { Router } from 'express';

import { fateOfMail, fateOfText, MAIL_USER, OUTSIDE_SECRET } from '@/demo';
import { arrivedPage, mailServer, textGateway } from '@/standins';

import type { Context } from '../context';
import type { StandIn } from '../lifecycle';
import { moveStandIn } from './live';

/** The mail server listens this far from Pen Pal's own port, its mailbox one further. */
const MAIL_OFFSET = 10;

/** People open their mail a while after it came; who does at once is taken for a machine. */
const READ_AFTER_MS = 3_000;

/** A mail server with its mailbox, and a text gateway, that speak what real ones speak, on loopback. */
export async function standInCarriers(ctx: Context, port: number): Promise<StandIn> {
  const mail = await mailServer(
    {
      user: MAIL_USER,
      password: OUTSIDE_SECRET,
      readAfterMs: READ_AFTER_MS,
      ...(port > 0 ? { smtpPort: port + MAIL_OFFSET, pop3Port: port + MAIL_OFFSET + 1 } : {}),
    },
    { outcome: fateOfMail },
  );
  await moveStandIn(ctx, MAIL_USER, { mail: mail.smtpPort, mailbox: mail.pop3Port });
  const gateway = textGateway(OUTSIDE_SECRET, fateOfText);
  return {
    keyed: Router().use('/texts', gateway.router),
    shown: Router().get('/arrived', arrivedPage(mail.arrived, gateway.taken)),
    ports: { smtp: mail.smtpPort, pop3: mail.pop3Port },
    close: mail.close,
  };
}
