import type { RequestHandler } from 'express';

import type { Arrived } from './mail-server';
import type { Texted } from './text-gateway';

const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
const SHOWN = 100;

/** A small page that shows what arrived at the stand-ins, the latest first. */
export const arrivedPage =
  (mails: readonly Arrived[], texts: readonly Texted[]): RequestHandler =>
  (_, response) => {
    const rows = [
      ...mails.map(({ to, mail }) => [to.join(', '), mail.subject ?? '', mail.text ?? '']),
      ...texts.map(({ to, text }) => [to, 'Text', text]),
    ]
      .slice(-SHOWN)
      .reverse()
      .map(
        ([to, subject, text]) =>
          `<li><h2>${escaped(to!)}: ${escaped(subject!)}</h2><pre>${escaped(text!)}</pre></li>`,
      );
    response
      .type('html')
      .send(
        `<!doctype html><html lang="en"><title>What arrived</title><h1>What arrived</h1><p>${mails.length} e-mails and ${texts.length} texts came to the stand-ins of a mail server and a text gateway since they began.</p><ul>${rows.join('')}</ul>`,
      );
  };
