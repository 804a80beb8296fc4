import { liveMailbox, liveTexts, mailboxFault, readMailbox, type Place } from '../../carriers';
import type { Context } from '../../context';
import { readMemo, writeMemo } from '../../settings';
import type { TaskHandler } from '../../tasks';
import { keepUnreadable, takeMail, takeText, logAnswers } from './inbound';

export const POLL = 'look-for-mail';
const EVERY_MS = 60_000;
const MOST_ROUNDS = 20;

/** Polls the mailbox and the text gateway; comes again for as long as one of them is set up. */
export const pollHandler: TaskHandler = {
  kind: POLL,
  maxFailures: null,
  async run(ctx) {
    if (!(await liveMailbox(ctx)) && !(await liveTexts(ctx)))
      return { state: 'done', outcome: 'Neither a mailbox nor a text gateway is set up.' };
    return { state: 'again', outcome: await poll(ctx), waitMs: EVERY_MS };
  },
};

const PLACES = { mailbox: 'mailbox-place', texts: 'texts-place' };

/** Takes in whatever has come; answers what came of looking, in a sentence. */
export async function poll(ctx: Context): Promise<string> {
  await logAnswers(ctx);
  return (
    `${await pollMailbox(ctx)} ${await pollGateway(ctx)}`.trim() ||
    'Nothing is set up to look into.'
  );
}

async function pollMailbox(ctx: Context): Promise<string> {
  const live = await liveMailbox(ctx);
  if (!live) return '';
  const at = `${live.setup.user}@${live.setup.host}:${live.setup.port}`;
  let count = 0;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const kept = await readMemo<{ at: string; place: Place }>(ctx.db, PLACES.mailbox);
    let read;
    try {
      read = await readMailbox(live.setup, live.password, kept?.at === at ? kept.place : null);
    } catch (error) {
      return mailboxFault(error);
    }
    for (const { key, bytes } of read.mails)
      await takeMail(ctx, key, bytes).catch((err: unknown) => {
        ctx.log.error({ err, key }, 'an e-mail could not be taken in');
        return keepUnreadable(ctx, key);
      });
    // Only now: what was not taken in before a crash is read once more, and known by its key.
    await writeMemo(ctx.db, PLACES.mailbox, { at, place: read.place });
    count += read.mails.length;
    if (read.mails.length === 0) break;
  }
  return count === 0 ? 'No new e-mail.' : `New e-mails: ${count}.`;
}

async function pollGateway(ctx: Context): Promise<string> {
  const live = await liveTexts(ctx);
  if (!live) return '';
  let count = 0;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const kept = await readMemo<{ at: string; place: string }>(ctx.db, PLACES.texts);
    const place = kept?.at === live.setup.url ? kept.place : '';
    const news = await live.carrier.since(place);
    if (!news) return 'The text gateway could not be asked.';
    for (const event of news.events)
      await takeText(ctx, event).catch((err: unknown) =>
        ctx.log.error({ err, key: event.key }, 'what a gateway told could not be taken in'),
      );
    await writeMemo(ctx.db, PLACES.texts, { at: live.setup.url, place: news.next });
    count += news.events.length;
    if (news.events.length === 0 || news.next === place) break;
  }
  return count === 0 ? 'Nothing new from the text gateway.' : `From the text gateway: ${count}.`;
}
