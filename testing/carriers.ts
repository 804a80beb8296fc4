import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';

import express from 'express';

import { saveMail, saveMailbox, saveTexts } from '@/contract/carriers';
import { mailServer, textGateway, type Rules, type TextGateway } from '@/standins';

import type { TestApi } from './api';

/** A mail server and its mailbox, set up as the owner's; mail is read from the mailbox from now on. */
export async function withMail(api: TestApi, rules: Rules = {}, rate: object = {}) {
  const mail = await mailServer({}, rules);
  const at = { host: '127.0.0.1', security: 'none' as const, user: 'owner' };
  const from = { fromAddress: 'marisol@example.com', fromName: 'Marisol Quane' };
  await api.call(saveMail, {
    body: {
      setup: { ...at, port: mail.smtpPort, ...from, perMinute: 1000, perDay: 100_000, ...rate },
      secret: 'harbor',
    },
  });
  await api.call(saveMailbox, {
    body: { setup: { ...at, protocol: 'pop3', port: mail.pop3Port }, secret: 'harbor' },
  });
  return mail;
}

/** A text gateway, set up as the owner's. */
export async function withTexts(
  api: TestApi,
  fate?: Parameters<typeof textGateway>[1],
  ownNumber = true,
): Promise<TextGateway & { close(): Promise<void> }> {
  const gateway = textGateway('sesame', fate);
  const server = await new Promise<Server>((done) => {
    const app = express().use(gateway.router);
    const listening = app.listen(0, '127.0.0.1', () => done(listening));
  });
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  await api.call(saveTexts, {
    body: {
      setup: { url, from: '555-0199', ownNumber, perMinute: 1000, perDay: 1000 },
      secret: 'sesame',
    },
  });
  return { ...gateway, close: () => new Promise((done) => server.close(() => done())) };
}
