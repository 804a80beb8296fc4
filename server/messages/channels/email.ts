import { invalid } from '../../api';
import { liveMail, type EmailFile } from '../../carriers';
import type { Context } from '../../context';
import { newId } from '../../db';
import type { Carrier, Channel, Outgoing, Recipient } from '../../delivery';
import { readBytes } from '../../files';
import { readSettings } from '../../settings';
import { picturesIn } from '../../templates';
import { lettersOf, shownLetter } from '../letters';
import { optOutMail } from '../pages/opt-out';

/** More than its connections, so that one is never kept waiting for the next message. */
const CONCURRENCY = 24;

const usable = ({ emails }: Recipient, suppressed: ReadonlyMap<string, string>) =>
  emails.filter(({ value }) => !suppressed.has(value.toLowerCase()));

/** Email over the owner's mail server. */
export const email: Channel = {
  name: 'email',
  nouns: { one: 'e-mail', many: 'e-mails' },
  consent: 'email',
  touch: 'email',
  has: { subject: true, html: true, files: true },
  allAddresses: ({ emails }) => emails.map(({ value }) => value),
  // The first address that works, and those that they want it at as well.
  addresses: (recipient, suppressed) =>
    usable(recipient, suppressed)
      .filter(({ also }, at) => at === 0 || also)
      .map(({ value }) => value),
  noAddress: ({ name }) => `No e-mail for ${name}.`,
  noCarrier: 'No mail server is set up.',
  preview: (ctx, context, delivery) => (delivery.html ? shownLetter(ctx, context, delivery) : ''),
  manualAtOnce: true,
  lateHours: null,
  afterCrash: 'ask',
  repair: (why) => ({
    kind: 'call',
    words: `Their e-mail address is no good any more (${why}). Ask for the one they use.`,
  }),
  async trial(ctx, { settings }, { files, ...content }) {
    const mail = await liveMail(ctx);
    if (!mail) throw invalid('No mail server is set up.');
    const to = settings.ownerEmail || mail.setup.fromAddress;
    const letter = { ...content, id: newId(), automatic: true, files: [...files] };
    const result = await mail.carrier.send({
      id: letter.id,
      to: [to],
      subject: letter.subject,
      ...lettersOf(ctx, settings, letter, { trial: true }),
      files: await filesOf(ctx, letter),
      optOut: null,
    });
    return { result, to };
  },
  async carrier(ctx, sql): Promise<Carrier | null> {
    const mail = await liveMail(ctx, sql);
    if (!mail) return null;
    const { carrier, setup } = mail;
    const settings = await readSettings(sql);
    return {
      perMinute: setup.perMinute,
      perDay: setup.perDay,
      concurrency: CONCURRENCY,
      refOf: (id) => carrier.messageId(id),
      send: async (delivery) =>
        carrier.send({
          id: delivery.id,
          to: delivery.addresses,
          subject: delivery.subject,
          ...lettersOf(ctx, settings, delivery),
          files: await filesOf(ctx, delivery),
          optOut: delivery.automatic ? optOutMail(ctx, delivery.id, setup.fromAddress) : null,
        }),
    };
  },
};

/** The files that go with an email, and the pictures in its words. */
export async function filesOf(
  { db }: Context,
  { files, html }: Pick<Outgoing, 'files' | 'html'>,
): Promise<EmailFile[]> {
  const shown = picturesIn(html);
  if (files.length + shown.length === 0) return [];
  return (await readBytes(db, [...shown, ...files])).map(({ id, name, type, content }, at) => ({
    name,
    type,
    content: Buffer.from(content, 'base64'),
    ...(at < shown.length ? { cid: id } : {}),
  }));
}
