import type { IntakeForm } from '@/contract/intake';
import { findPlainFault } from '@/contract/plain';
import { readEmail, readPhone } from '@/core/intake';

import { act } from '../act';
import type { Context } from '../context';
import { newId, one } from '../db';
import { readSettings } from '../settings';
import type { Answers } from './page';
import { countWaiting, insertArrival } from './queries';

const CLOSED: IntakeForm = {
  open: false,
  heading: 'Stay in touch',
  words: 'Leave your name and how I can reach you.',
  thanks: 'Thank you. I will be in touch.',
  consentWords: 'You may send me e-mail now and then.',
};

export const readForm = async (ctx: Context): Promise<IntakeForm> =>
  (await one<{ intake: IntakeForm | null }>(ctx.db, 'select intake from settings')).intake ??
  CLOSED;

export async function saveForm(ctx: Context, form: IntakeForm) {
  return act(ctx, async (tx) => {
    await tx.query('update settings set intake = $1::jsonb', [JSON.stringify(form)]);
    return {
      sentence: form.open ? 'The web form is open' : 'The web form is closed',
      plan: 'nobody',
      topics: ['intake'],
    };
  });
}

/** So many may wait: more than anybody looks through is the work of machines. */
const MOST_WAITING = 500;

/** How long each answer may be; what is longer is cut, as the fields of the page do. */
const LENGTHS = { name: 120, email: 254, phone: 60, message: 2_000 } as const;

/** Answered in place of a sentence when too much waits already. */
export const FULL = Symbol('full');

/**
 * Takes what came by the form: it waits for the owner and changes nothing before. Answers the sentence
 * of a refusal, or null when it was taken.
 */
export async function takeIn(ctx: Context, answers: Answers): Promise<string | typeof FULL | null> {
  const given = Object.fromEntries(
    Object.entries(LENGTHS).map(([name, most]) => [
      name,
      (answers[name as keyof typeof LENGTHS] ?? '').trim().slice(0, most),
    ]),
  ) as Record<keyof typeof LENGTHS, string>;
  const { name, email, phone } = given;
  if (findPlainFault(given)) return 'There is a character in it that can’t be kept. Leave it out.';
  if (name === '') return 'Please give your name.';
  if (!email && !phone) return 'Please give an e-mail address or a phone number.';
  if (email && !readEmail(email)) return `“${email}” is not an e-mail address.`;
  if (phone && !readPhone(phone, (await readSettings(ctx.db)).country))
    return `“${phone}” is not a phone number.`;
  if ((await countWaiting(ctx.db)) >= MOST_WAITING) return FULL;
  await act(ctx, async (tx) => {
    await insertArrival(tx, {
      id: newId(ctx.clock.nowMs()),
      on_day: ctx.clock.today(),
      ...given,
      consent: Boolean(answers.consent),
    });
    return { sentence: 'Somebody wrote by the web form', plan: 'nobody', topics: ['intake'] };
  });
  return null;
}
