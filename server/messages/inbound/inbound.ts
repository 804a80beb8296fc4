import type { CallOutput } from '@/contract/endpoint';
import type { listInbound as Listed } from '@/contract/messages';
import { splitName } from '@/core/intake';
import { need } from '@/core/need';
import { CHANNEL_WORDS } from '@/core/people';
import { wishIn } from '@/core/replies';
import { todayIn } from '@/core/zones';

import { act, actIn, answer } from '../../act';
import { invalid, notFound } from '../../api';
import type { FromGateway } from '../../carriers';
import type { Context } from '../../context';
import { newId } from '../../db';
import {
  cancelOf,
  findDelivery,
  listSuppressed,
  notify,
  report,
  reportIn,
  suppressAddress,
  unsuppress,
} from '../../delivery';
import { addPerson, findOrRefuse } from '../../people';
import { sphereNow } from '../../planner';
import { readSettings } from '../../settings';
import { logTouchIn } from '../../touches';
import type { MessageKind } from '../kinds';
import { messageOfToken } from '../pages/opt-out';
import * as known from './queries';
import { readMail } from './read-mail';

/** Keeps an e-mail that nothing could be made of where the owner sees that there is one. */
export const keepUnreadable = (ctx: Context, key: string): Promise<void> =>
  keep(ctx, {
    key,
    kind: 'email',
    from_address: '',
    from_name: '',
    subject: 'An e-mail that can’t be read here',
    words: 'Look for it in your mailbox.',
    at: ctx.clock.now(),
    verdict: 'answer',
    person_id: null,
    delivery_id: null,
  });

/** Takes in an e-mail of the mailbox: an answer is a touch, a report changes what it is about; each once. */
export async function takeMail(ctx: Context, key: string, bytes: Buffer): Promise<void> {
  const mail = await readMail(bytes);
  const about = mail.about ? await findDelivery(ctx.db, mail.about) : null;
  const { what } = mail;
  // Anybody can write what they like: whose answer it is tells the address, before the thread does.
  const byAddress = await known.peopleAt(ctx.db, 'email', mail.fromAddress);
  const at = ownersTime(ctx, mail.at?.getTime() ?? ctx.clock.realMs());
  if (what.is === 'opt_out') {
    const id = what.token ? messageOfToken(ctx, what.token) : about?.id;
    if (id) await optOut(ctx, id, 'by e-mail');
    else
      for (const one of byAddress)
        await setAnswer(ctx, one, 'email', { answer: 'no', how: 'by e-mail' });
  } else if (about && what.is === 'bounce') {
    const soft = what.bounce === 'soft';
    await report(ctx, about, {
      key,
      kind: soft ? 'bounced_soft' : 'bounced',
      detail: what.why,
    });
    // A report may name whatever it likes: only where the message went is stopped.
    const named = what.address.toLowerCase();
    const address =
      about.addresses.find((one) => one.toLowerCase() === named) ?? about.addresses[0] ?? named;
    if (!soft)
      await suppressAddress(ctx, {
        address,
        why: what.why,
        personId: about.person_id,
        channel: 'email',
      });
  } else if (about && what.is === 'delivered')
    await report(ctx, about, { key, kind: 'delivered', detail: '' });
  else if (about && what.is === 'complaint') {
    await report(ctx, about, { key, kind: 'complained', detail: 'Marked as spam.' });
    await optOut(ctx, about.id, 'by a complaint to their provider');
  }
  const person = byAddress.length === 1 ? need(byAddress[0]) : (about?.person_id ?? null);
  const verdict =
    what.is === 'answer' || what.is === 'automatic' || what.is === 'opt_out' ? what.is : 'report';
  await keep(ctx, {
    key,
    kind: 'email',
    from_address: mail.fromAddress,
    from_name: mail.fromName,
    subject: mail.subject,
    words: mail.words,
    at,
    verdict,
    person_id: person,
    delivery_id: about?.id ?? null,
  });
}

/** When something came in, by the owner's clock: others may be ahead of it, and a demo's is shifted. */
const ownersTime = ({ clock }: Context, atMs: number): string =>
  new Date(Math.min(atMs + clock.nowMs() - clock.realMs(), clock.nowMs())).toISOString();

/** Takes in what a text gateway tells: reports, and texts that came. */
export async function takeText(ctx: Context, event: FromGateway): Promise<void> {
  const { key } = event;
  const at = ownersTime(ctx, Date.parse(event.at));
  if (event.as !== 'received') {
    const about = await findDelivery(ctx.db, event.id);
    if (!about) return;
    const failed = event.as === 'failed';
    const why = failed ? event.words || 'It could not be delivered.' : '';
    await report(ctx, about, {
      key: `texts:${key}`,
      kind: failed ? 'bounced' : 'delivered',
      detail: why,
    });
    if (failed && event.noSuchNumber)
      await suppressAddress(ctx, {
        address: about.addresses[0] ?? '',
        why,
        personId: about.person_id,
        channel: 'text',
      });
    return;
  }
  const people = await known.peopleAt(ctx.db, 'text', event.from);
  const person = people.length === 1 ? need(people[0]) : await known.lastTexted(ctx.db, event.from);
  const wish = wishIn(event.words);
  if (wish && person)
    await setAnswer(ctx, person, 'text', {
      answer: wish === 'stop' ? 'no' : 'yes',
      how: 'by text',
    });
  await keep(ctx, {
    key: `texts:${key}`,
    kind: 'text',
    from_address: event.from,
    from_name: '',
    subject: '',
    words: event.words,
    at,
    verdict: wish === 'stop' ? 'opt_out' : wish === 'start' ? 'opt_in' : 'answer',
    person_id: person,
    delivery_id: person ? await known.lastMessageTo(ctx.db, person, 'text') : null,
  });
}

/** Stores what came in, once; an answer of a known person is a touch. */
async function keep(ctx: Context, row: known.NewIncoming): Promise<void> {
  if (!(await known.insertIncoming(ctx.db, { id: newId(), ...row }))) return;
  await logAnswers(ctx);
  notify(ctx, row.person_id ? [row.person_id] : []);
}

/**
 * Logs answers as touches, also those that had come when the program ended before. The answer is claimed in
 * the transaction that logs it, so that two that look at once make one touch.
 */
export async function logAnswers(ctx: Context): Promise<void> {
  for (const row of await known.untouchedAnswers(ctx.db)) {
    const [day, today] = [todayIn(ctx.clock.zone, Date.parse(row.at)), ctx.clock.today()];
    const about = row.delivery_id ? await findDelivery(ctx.db, row.delivery_id) : null;
    const sphere = await sphereNow(ctx);
    const touch = {
      id: newId(ctx.clock.nowMs()),
      personId: row.person_id,
      kind: row.kind,
      outcome: 'reached',
      on: day < today ? day : today,
    } as const;
    const logged = await ctx.db.transaction(async (tx) => {
      if (!(await known.claimAnswer(tx, row.id, touch.id))) return null;
      if (about)
        await reportIn(ctx, tx, about, { key: `answer:${row.key}`, kind: 'answered', detail: '' });
      return actIn(ctx, tx, () => logTouchIn(ctx, tx, sphere, touch));
    });
    if (logged) await answer(ctx, logged.actionId, logged.done);
  }
}

/** Somebody wants no more of a kind: it is their no from now on, and what waits is cancelled. */
export async function optOut(ctx: Context, messageId: string, how: string): Promise<boolean> {
  const about = await findDelivery(ctx.db, messageId);
  if (!about) return false;
  await report(ctx, about, { key: `opt-out:${messageId}`, kind: 'opted_out', detail: how });
  await setAnswer(ctx, about.person_id, about.channel as MessageKind, { answer: 'no', how });
  return true;
}

/** Notes what somebody said about being written to; under a no what waits is cancelled. */
async function setAnswer(
  ctx: Context,
  personId: string,
  channel: MessageKind,
  { answer: said, how }: { answer: 'yes' | 'no'; how: string },
): Promise<void> {
  if ((await known.answerOf(ctx.db, personId, channel)) === said) return;
  const what = CHANNEL_WORDS[channel].toLowerCase();
  await act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    const consent = { answer: said, on: ctx.clock.today(), cameFrom: how };
    await known.setConsent(tx, personId, channel, consent);
    if (said === 'no') await cancelOf(tx, personId, channel, `They said no to ${what}, ${how}.`);
    return {
      sentence: `${name} opted ${said === 'no' ? 'out of' : 'in to'} ${what}, ${how}`,
      plan: [personId],
      topics: ['people', 'messages'],
    };
  });
}

const iso = (at: string) => new Date(at).toISOString();

export async function listInbound(ctx: Context, limit: number): Promise<CallOutput<typeof Listed>> {
  const toIncoming = (row: known.IncomingRow) => ({
    id: row.id,
    kind: row.kind,
    from: row.from_address,
    fromName: row.from_name,
    subject: row.subject,
    words: row.words,
    at: iso(row.at),
    verdict: row.verdict,
    personId: row.person_id,
    name: row.name ?? '',
  });
  const stopped = await listSuppressed(ctx.db, limit);
  return {
    timeZone: (await readSettings(ctx.db)).timeZone,
    unknown: (await known.unknownIncoming(ctx.db, limit)).map(toIncoming),
    incoming: (await known.latestIncoming(ctx.db, limit)).map(toIncoming),
    stopped: stopped.map(({ person_id, at, ...row }) => ({
      ...row,
      at: iso(at),
      personId: person_id,
    })),
  };
}

/** Says who wrote something: somebody here, somebody new, or nobody of the sphere. */
export async function place(
  ctx: Context,
  id: string,
  { as, personId }: { as: 'person' | 'new' | 'nobody'; personId: string | null },
) {
  const row = await known.findIncoming(ctx.db, id);
  if (!row || row.person_id) throw notFound('This is not waiting for anybody any more.');
  const topics = ['messages', 'people', 'touches'] as const;
  if (as === 'nobody')
    return act(ctx, async (tx) => {
      await known.putAway(tx, id);
      return { sentence: 'Put away', plan: 'nobody', topics };
    });
  const to = as === 'new' ? await added(ctx, row) : personId;
  if (!to) throw invalid('Choose who it was.', 'personId');
  const { name } = await findOrRefuse(ctx.db, to);
  const done = await act(ctx, async (tx) => {
    await known.placeWith(tx, id, to);
    return { sentence: `It is with ${name} now`, plan: [to], topics };
  });
  await logAnswers(ctx);
  return done;
}

async function added(ctx: Context, row: known.IncomingRow): Promise<string> {
  const reach = row.kind === 'email' ? { email: row.from_address } : { phone: row.from_address };
  const { givenName, familyName } = splitName(
    row.from_name || need(row.from_address.split('@')[0]),
  );
  return (await addPerson(ctx, { givenName, familyName, ...reach, source: '' })).id;
}

/** Sends to an address again that came back before. */
export async function allowAgain(ctx: Context, address: string) {
  return act(ctx, async (tx) => {
    if (!(await unsuppress(tx, address))) throw notFound('Nothing is stopped there.');
    return {
      sentence: `${address} is written to again`,
      plan: 'nobody' as const,
      topics: ['messages', 'people'] as const,
    };
  });
}
