import { call } from '@/contract/call';
import { saveMail, saveMailbox, saveTexts } from '@/contract/carriers';

import { ANSWERS, TEXT_ANSWERS } from './words';

/** How Pen Pal signs in at the stand-ins. */
export const MAIL_USER = 'marisol';
export const OUTSIDE_SECRET = 'harbor-light';

/** Where stand-ins listen, by protocol. */
export type Ports = Readonly<Record<string, number>>;

function portOf(ports: Ports, protocol: string): number {
  const port = ports[protocol];
  if (port === undefined) throw new Error(`The demo has no ${protocol} server.`);
  return port;
}

/** Sets up what takes messages: the stand-ins, as anybody would set up real ones. */
export async function setUpCarriers(base: string, ports: Ports): Promise<void> {
  const at = { host: '127.0.0.1', security: 'none' as const, user: MAIL_USER };
  const rate = { perMinute: 600, perDay: 400 };
  const from = { fromAddress: 'marisol@example.com', fromName: 'Marisol Quane' };
  const secret = OUTSIDE_SECRET;
  await call(
    saveMail,
    { body: { setup: { ...at, port: portOf(ports, 'smtp'), ...from, ...rate }, secret } },
    { base },
  );
  await call(
    saveMailbox,
    { body: { setup: { ...at, protocol: 'pop3', port: portOf(ports, 'pop3') }, secret } },
    { base },
  );
  const texts = { url: `${base}/standins/texts`, from: '503-555-0199', ownNumber: false, ...rate };
  await call(saveTexts, { body: { setup: texts, secret } }, { base });
}

const sum = (text: string) =>
  [...text].reduce((n, char) => (n * 31 + char.charCodeAt(0)) % 9973, 7);

/** Each answer is given once, by whoever comes first. */
const left = { mail: [...ANSWERS], text: [...TEXT_ANSWERS] };

/** What becomes of an e-mail: most arrive, some are answered, a mailbox is closed, somebody is away. */
export function fateOfMail({ to }: { to: string }) {
  const n = sum(to);
  if (n % 41 === 0) return { as: 'bounced' as const, hard: true };
  if (n % 23 === 0)
    return {
      as: 'away' as const,
      words: 'I am away until the end of the month and read mail after that.',
    };
  const words = n % 4 === 0 ? left.mail.shift() : undefined;
  if (words) return { as: 'answered' as const, words };
  return {
    as:
      n % 3 === 0
        ? ('delivered' as const)
        : n % 5 === 0
          ? ('clicked' as const)
          : ('opened' as const),
  };
}

export function fateOfText({ to }: { to: string }) {
  const words = sum(to) % 5 === 0 ? left.text.shift() : undefined;
  return words ? { answers: words } : ('delivered' as const);
}
