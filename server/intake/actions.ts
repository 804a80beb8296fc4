import type { IntakeForm } from '@/contract/intake';
import { readEmail, readPhone, splitName } from '@/core/intake';
import { NOBODY, type PersonFields } from '@/core/people';

import { act } from '../act';
import type { Context } from '../context';
import { one } from '../db';
import { Refusal } from '../api';
import { addPerson, enrichPerson, lookAlikes } from '../people';
import type { Answers } from './page';

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

/**
 * Takes what came by the form. It lands as New, with its source; who is surely here already gets
 * what is new about them. Answers the sentence of a refusal, or null when it was taken.
 */
export async function takeIn(ctx: Context, answers: Answers): Promise<string | null> {
  const { name = '', email = '', phone = '', message = '', consent } = answers;
  if (name.trim() === '') return 'Please give your name.';
  if (!email.trim() && !phone.trim()) return 'Please give an e-mail address or a phone number.';
  if (email.trim() && !readEmail(email)) return `“${email}” is not an e-mail address.`;
  if (phone.trim() && !readPhone(phone)) return `“${phone}” is not a phone number.`;
  const today = ctx.clock.today();
  const given: Partial<PersonFields> = {
    ...splitName(name.slice(0, 120)),
    emails: email.trim() ? [{ value: email.trim(), label: '' }] : [],
    phones: phone.trim() ? [{ value: phone.trim(), label: '' }] : [],
    consent: consent ? { email: { answer: 'yes', on: today, cameFrom: 'web form' } } : {},
  };
  const draft = {
    ...given,
    source: 'Web form',
    ...(message.trim() ? { note: `Web form: ${message.trim().slice(0, 2000)}` } : {}),
  };
  const [same] = await lookAlikes(ctx.db, { ...NOBODY, ...given });
  try {
    if (same?.verdict === 'sure') await enrichPerson(ctx, same.id, draft as never);
    else await addPerson(ctx, { ...draft, standing: 'New' } as never);
  } catch (error) {
    if (error instanceof Refusal) return error.message;
    throw error;
  }
  return null;
}
