import { call } from '@/contract/call';
import { saveIntake } from '@/contract/intake';
import { getPerson, type PersonRow } from '@/contract/people';

const FORM = {
  open: true,
  heading: 'Ask Marisol',
  words: 'Leave your name and how I can reach you. I call back within two days.',
  thanks: 'Thank you. You will hear from me.',
  consentWords: 'You may send me the harbor letter by e-mail.',
};

/** Two people wrote by the web form: one who is new, and one who is here and gives another address. */
export async function writeByForm(base: string, rows: readonly PersonRow[]): Promise<void> {
  await call(saveIntake, { body: FORM }, { base });
  const { id } = rows.find(({ hasPhone, hasEmail }) => hasPhone && hasEmail)!;
  const { name, fields } = await call(getPerson, { params: { id } }, { base });
  const sent = [
    {
      name: 'Ottilie Brandreth',
      email: 'ottilie.brandreth@example.com',
      message: 'We would like to look at the cottages behind the ropewalk. What could we borrow?',
      consent: 'yes',
    },
    {
      name,
      phone: fields.phones[0]!.value,
      email: `${name.split(' ')[0]!.toLowerCase()}.newpost@example.org`,
      message: 'I have a new address for e-mail.',
    },
  ];
  for (const answers of sent)
    await fetch(`${base}/form`, { method: 'POST', body: new URLSearchParams(answers as never) });
}
