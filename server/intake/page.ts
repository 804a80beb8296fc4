import type { IntakeForm } from '@/contract/intake';
import { escapeHtml as escape } from '@/core/messages';

import { publicPage as shell } from '../api';

const FIELDS = [
  ['name', 'Your name', 'text', 'name', 120],
  ['email', 'E-mail', 'email', 'email', 254],
  ['phone', 'Phone', 'tel', 'tel', 60],
] as const;

/** What can be typed into the form, and put back when something in it could not be read. */
export type Answers = Partial<Record<'name' | 'email' | 'phone' | 'message' | 'consent', string>>;

/** The form as a page of its own, without any script. */
export function formPage(form: IntakeForm, answers: Answers = {}, fault = ''): string {
  const fields = FIELDS.map(
    ([name, label, type, autocomplete, max]) =>
      `<label for="${name}">${label}</label><input id="${name}" name="${name}" type="${type}" autocomplete="${autocomplete}" maxlength="${max}" value="${escape(answers[name] ?? '')}"${name === 'name' ? ' required' : ''}>`,
  ).join('\n');
  const consent = form.consentWords
    ? `<label><input type="checkbox" name="consent" value="yes"${answers.consent ? ' checked' : ''}> ${escape(form.consentWords)}</label>`
    : '';
  return shell(
    form.heading,
    `<h1>${escape(form.heading)}</h1><p>${escape(form.words)}</p>
${fault ? `<p class="fault" role="alert">${escape(fault)}</p>` : ''}
<form method="post" action="/form">
${fields}
<label for="message">Message</label><textarea id="message" name="message" rows="5" maxlength="2000">${escape(answers.message ?? '')}</textarea>
<div class="aside" aria-hidden="true"><label for="website">Leave this empty</label><input id="website" name="website" tabindex="-1" autocomplete="off"></div>
${consent}
<button>Send</button>
</form>`,
  );
}

export const thanksPage = (form: IntakeForm): string =>
  shell(form.heading, `<h1>${escape(form.heading)}</h1><p>${escape(form.thanks)}</p>`);

export const closedPage = (): string =>
  shell('Closed', '<h1>Closed</h1><p>This form is closed at the moment.</p>');

export const crowdedPage = (): string =>
  shell(
    'One moment',
    '<h1>One moment</h1><p>Too much came from here at once. Try again in an hour.</p>',
  );
