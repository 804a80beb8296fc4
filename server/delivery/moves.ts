import type { MOVES } from '@/contract/messages';
import type { Words } from '@/contract/templates';
import type { Topic } from '@/contract/topics';
import { plural } from '@/core/time';

import { act, actOnMany } from '../act';
import { conflict, invalid } from '../api';
import type { Context } from '../context';
import type { Sql } from '../db';
import { readMergeValues, tidiedOrRefused } from '../templates';
import { channelOf } from './channel';
import { storeContents } from './content';
import { fillIn } from './make';
import { findOrRefuse } from './outbox';
import type { ShownRow } from './outbox-queries';
import { wakeOutbox } from './queue';
import type { Remedy, State } from './row';
import { readSendContext } from './schedule';
import { sendNow } from './send';
import { logTouches } from './settle';
import { moveDeliveries, reviseDeliveries, type Move } from './table';
import { touchBookOf } from './touch-book';

type MoveName = (typeof MOVES)[number];

const TOPICS: Topic[] = ['messages', 'touches', 'plan'];
export const OWN_HOLD = 'You held it back.';
/** What has to be fixed elsewhere before something can go. */
const UNFIXED: Remedy[] = ['address', 'consent', 'words', 'carrier', 'days'];

/** From which states a move leads where. */
const MOVED: Record<MoveName, { from: State[]; to: Move; words: string }> = {
  hold: {
    from: ['ready'],
    to: { state: 'held', why: OWN_HOLD, remedy: 'release' },
    words: 'is held back',
  },
  release: { from: ['held'], to: { state: 'ready' }, words: 'goes in its time' },
  cancel: { from: ['held', 'ready', 'failed'], to: { state: 'cancelled' }, words: 'is cancelled' },
  now: {
    from: ['held', 'ready', 'failed'],
    to: { state: 'ready', atOnce: true },
    words: 'goes now',
  },
  again: { from: ['held', 'failed'], to: { state: 'ready' }, words: 'is tried again' },
  went: { from: ['held'], to: { state: 'sent' }, words: 'counts as sent' },
};

/** One move of the owner's, as an action; undone as long as nothing came of it. */
export async function move(ctx: Context, id: string, what: MoveName) {
  const row = await findOrRefuse(ctx, id);
  const { from, to, words } = MOVED[what];
  if (row.state === 'held' && UNFIXED.includes(row.remedy) && to.state === 'ready')
    throw invalid(row.why);
  if (what === 'went' && row.remedy !== 'unclear') throw conflict('It was not sent.');
  const now = ctx.clock.now();
  const sendAt = what === 'now' || what === 'again' || row.remedy === 'late' ? now : undefined;
  const done = await act(ctx, async (tx) => {
    const moved = await moveDeliveries(tx, [id], from, {
      ...to,
      // What is too late goes only if it is asked for now.
      ...(row.remedy === 'late' && to.state === 'ready' ? { atOnce: true } : {}),
      ...(sendAt ? { sendAt } : {}),
      ...(what === 'release' && !sendAt ? { dueFrom: now } : {}),
      ...(what === 'went' ? { sentAt: now } : {}),
    });
    if (moved.length === 0) throw conflict(whereItIs(row.state));
    if (to.state === 'ready') await wakeOutbox(ctx, tx);
    return {
      sentence: `The ${channelOf(ctx, row.channel).nouns.one} to ${row.name} ${words}`,
      plan: [row.person_id],
      topics: TOPICS,
    };
  });
  if (what === 'went') await countAsSent(ctx, { ...row, sent_at: now });
  if (sendAt) await sendNow(ctx);
  return done;
}

/** The owner says that something in doubt has arrived: it is a touch. */
async function countAsSent(ctx: Context, row: ShownRow & { sent_at: string }): Promise<void> {
  const prepared = await touchBookOf(ctx).prepare(ctx, [row]);
  const after = await ctx.db.transaction((tx) => logTouches(ctx, tx, [row], prepared));
  for (const work of after) await work();
}

const whereItIs = (state: State): string =>
  state === 'sent' || state === 'sending'
    ? 'It was sent already.'
    : state === 'cancelled'
      ? 'It is cancelled already.'
      : 'This has changed. Reload.';

/** Which deliveries are moved together: of one batch, or all. */
const idsIn = async (
  sql: Sql,
  state: State,
  remedies: readonly Remedy[] | null,
  batchId: string | null,
) =>
  (
    await sql.query<{ id: string }>(
      `select id from delivery where state = $1 and ($2::text[] is null or remedy = any($2::text[]))
         and ($3::uuid is null or batch_id = $3::uuid) order by id`,
      [state, remedies, batchId],
    )
  ).map(({ id }) => id);

/** Holds everything that would go, of a batch or at all, or releases what was held by hand. */
export async function holdMany(ctx: Context, hold: boolean, batchId: string | null = null) {
  const ids = hold
    ? await idsIn(ctx.db, 'ready', null, batchId)
    : await idsIn(ctx.db, 'held', ['release'], batchId);
  const { from, to } = MOVED[hold ? 'hold' : 'release'];
  const dueFrom = ctx.clock.now();
  let moved = 0;
  return actOnMany(
    ctx,
    hold ? 'Holding messages back' : 'Releasing messages',
    ids,
    async (tx, some) => {
      moved += (await moveDeliveries(tx, some, from, { ...to, ...(hold ? {} : { dueFrom }) }))
        .length;
      if (!hold) await wakeOutbox(ctx, tx);
    },
    () => ({
      sentence: `${plural(moved, 'message')} ${hold ? 'held back' : 'on the way again'}`,
      plan: 'nobody' as const,
      topics: TOPICS,
    }),
  );
}

/** Cancels what of a batch has not gone. */
export async function cancelBatch(ctx: Context, batchId: string) {
  const ids = [
    ...(await idsIn(ctx.db, 'ready', null, batchId)),
    ...(await idsIn(ctx.db, 'held', null, batchId)),
  ];
  let moved = 0;
  return actOnMany(
    ctx,
    'Cancelling messages',
    ids,
    async (tx, some) => {
      const { from, to } = MOVED.cancel;
      moved += (await moveDeliveries(tx, some, from, to)).length;
    },
    () => ({
      sentence: `${plural(moved, 'message')} cancelled`,
      plan: 'nobody' as const,
      topics: TOPICS,
    }),
  );
}

/** Changes the words of a delivery that has not gone. */
export async function changeWords(
  ctx: Context,
  id: string,
  { version, ...given }: Words & { version: number },
) {
  const row = await findOrRefuse(ctx, id);
  if (row.version !== version)
    throw conflict('It was changed in another window meanwhile. Look at it again.');
  const channel = channelOf(ctx, row.channel);
  const values = (await readMergeValues(ctx, ctx.db, [row.person_id])).get(row.person_id) ?? {};
  const context = await readSendContext(ctx);
  const tidied = tidiedOrRefused(channel.has.html ? 'email' : 'text', given);
  const filled = fillIn(channel, { ...row, ...tidied }, values, context);
  if (filled.fault) throw invalid(filled.fault, 'words');
  // Words were all that held it; anything else is looked at when it goes.
  const fixed = row.state === 'held' && row.remedy === 'words';
  const now = ctx.clock.now();
  const state = fixed
    ? {
        state: 'ready' as const,
        why: '',
        remedy: '' as const,
        send_at: row.send_at ?? now,
        due_at: now,
      }
    : {};
  return act(ctx, async (tx) => {
    const { html, ...content } = filled.content;
    const contents = await storeContents(tx, [html]);
    const changed = await reviseDeliveries(tx, [
      {
        ...row,
        ...content,
        content_id: contents.get(html) ?? null,
        merge_values: filled.mergeValues,
        ...state,
      },
    ]);
    if (changed.length === 0) throw conflict(whereItIs(row.state));
    if (fixed) await wakeOutbox(ctx, tx);
    return {
      sentence: `Changed the ${channel.nouns.one} to ${row.name}`,
      plan: 'nobody' as const,
      topics: TOPICS,
    };
  });
}
