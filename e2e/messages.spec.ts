import { call } from '@/contract/call';
import { addPerson } from '@/contract/people';
import { mailServer, type MailStandIn } from '@/standins';

import { expect, expectNoViolations, goTo, SENT_TO_ROSA, test } from './penpal';

let mail: MailStandIn;
test.beforeEach(async () => {
  mail = await mailServer(
    { user: 'owner', password: 'harbor' },
    { outcome: () => ({ as: 'answered', words: 'The quince is out!' }) },
  );
});
test.afterEach(() => mail.close());

test('a mail server is set up, somebody is written to, and their answer is in their story', async ({
  page,
  penpal,
}) => {
  const body = { givenName: 'Rosa', familyName: 'Lind', email: 'rosa@example.com' };
  const { id } = await call(addPerson, { body }, { base: penpal.url });
  await page.goto('/');
  await goTo(page, 'Out');
  await expect(page.getByRole('heading', { name: 'Nothing waits to go out' })).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('link', { name: 'Carriers', exact: true }).click();

  await page.getByLabel('Server', { exact: true }).fill('127.0.0.1');
  await page.getByLabel('Port', { exact: true }).fill(String(mail.smtpPort));
  await page
    .getByLabel('Safe line', { exact: true })
    .selectOption({ label: 'None, on this machine only' });
  await page.getByLabel('User', { exact: true }).fill('owner');
  await page.getByLabel('Password', { exact: true }).fill('wrong');
  await page.getByLabel('Name of the sender').fill('Marisol Quane');
  await page.getByLabel('Address of the sender').fill('marisol@example.com');
  await page.getByRole('button', { name: 'Keep the mail server' }).click();
  await page.getByRole('button', { name: 'Send me an e-mail' }).click();
  await expect(
    page.getByText('The mail server does not take the user or the password.'),
  ).toBeVisible();
  await page.getByLabel('Password', { exact: true }).fill('harbor');
  await page.getByRole('button', { name: 'Keep the mail server' }).click();
  await expect(page.getByText('Kept. Leave it empty to keep it as it is.')).toBeVisible();
  await page.getByRole('button', { name: 'Send me an e-mail' }).click();
  await expect(page.getByText(/^It took an e-mail to marisol@example.com/)).toBeVisible();
  await page.getByLabel('Read by').selectOption({ label: 'POP3' });
  await page.getByLabel('Server of the mailbox').fill('127.0.0.1');
  await page.getByLabel('Its port').fill(String(mail.pop3Port));
  await page.getByLabel('Safe line to it').selectOption({ label: 'None, on this machine only' });
  await page.getByLabel('User of the mailbox').fill('owner');
  await page.getByLabel('Password of the mailbox').fill('harbor');
  await page.getByRole('button', { name: 'Keep the mailbox' }).click();
  await page.getByRole('button', { name: 'Look into it' }).click();
  await expect(page.getByText(/^The mailbox can be read/)).toBeVisible();
  await expectNoViolations(page);
  await goTo(page, 'Out');
  await page.getByRole('link', { name: 'Came back' }).click();
  await page.getByRole('button', { name: 'Look now' }).click();
  await expect(page.getByText('No new e-mail.')).toBeVisible();

  await page.goto(`${penpal.url}/people/${id}`);
  await page.getByRole('link', { name: 'Write' }).click();
  await page.getByLabel('Words').fill('At {{ company }}');
  await expect(page.getByText('There is no company to fill in.')).toBeVisible();
  await page.getByLabel('Words').fill('How is the garden, {{ first_name }}?');
  await expect(page.getByText('How is the garden, Rosa?').first()).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Send it' }).click();
  await expect(page.getByText(SENT_TO_ROSA)).toBeVisible();
  await expect.poll(() => mail.arrived.at(-1)!.mail.text).toBe('How is the garden, Rosa?');

  await goTo(page, 'Out');
  await page.getByRole('link', { name: 'Came back' }).click();
  await page.getByRole('button', { name: 'Look now' }).click();
  await expect(page.getByText('The quince is out!')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('link', { name: 'Gone' }).click();
  await expect(page.getByText('answered')).toBeVisible();
  await page.getByRole('link', { name: /Rosa Lind/ }).click();
  await expect(page.getByText(/^Handed over on .*; answered\.$/)).toBeVisible();
  await expectNoViolations(page);
  await page.goto(`${penpal.url}/people/${id}`);
  await expect(page.getByText('They wrote: The quince is out!')).toBeVisible();
  await expect(page.getByText('E-mail, reached.')).toBeVisible();
});
