import { call } from '@/contract/call';
import { saveMail } from '@/contract/carriers';
import { addPerson } from '@/contract/people';
import { mailServer, type MailStandIn } from '@/standins';

import { expect, expectNoViolations, goTo, SENT_TO_ROSA, test } from './penpal';

let mail: MailStandIn;
test.beforeEach(async () => {
  mail = await mailServer({ user: 'owner', password: 'harbor' });
});
test.afterEach(() => mail.close());

/** A small picture. */
const PICTURE = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAgAAAAICAIAAABLbSncAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAAEUlEQVQImWOQjy/GihiGlgQAdiE8QYM1zfcAAAAASUVORK5CYII=',
  'base64',
);

test('words are written with a field, a picture and a button, mended for who lacks a name, and sent', async ({
  page,
  penpal,
}) => {
  const base = penpal.url;
  const people = [
    { givenName: 'Rosa', familyName: 'Lind', email: 'rosa@example.com' },
    { company: 'Arlo’s office', email: 'arlo@example.com' },
  ];
  const ids = [];
  for (const body of people) ids.push((await call(addPerson, { body }, { base })).id);
  const at = { host: '127.0.0.1', port: mail.smtpPort, security: 'none' as const, user: 'owner' };
  const setup = { ...at, fromAddress: 'marisol@example.com', fromName: 'Marisol Quane' };
  await call(
    saveMail,
    { body: { setup: { ...setup, perMinute: 60, perDay: 400 }, secret: 'harbor' } },
    { base },
  );
  await page.goto('/');
  await goTo(page, 'Out');
  await page.getByRole('link', { name: 'Words', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'No words kept yet' })).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Write new words' }).click();
  await page.getByLabel('What it is called').fill('A line');
  await page.getByLabel('Subject').fill('A line, {{ name }}');
  const words = page.getByRole('textbox', { name: 'Words' });
  await words.click();
  await page.keyboard.type('Dear ');
  await page.getByRole('button', { name: 'Put in a field' }).click();
  await page.getByRole('button', { name: 'first name', exact: true }).click();
  await page.keyboard.type(', the boats are in.');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  await page.getByLabel(/^What it shows/).fill('The quay');
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'quay.png', mimeType: 'image/png', buffer: PICTURE });
  await expect(words.getByAltText('The quay')).toBeVisible();
  await page.getByRole('button', { name: 'Button', exact: true }).click();
  await page.getByLabel('What it says').fill('See the boats');
  await page.getByLabel('Where it leads').fill('example.com/boats');
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByText('Can be filled in for 1 of 2.')).toBeVisible();
  await expectNoViolations(page);

  await page.getByRole('button', { name: /^1 person has no first name/ }).click();
  await page.getByLabel('Where there is no first name, say').fill('you all');
  await page.getByRole('button', { name: 'Say that instead' }).click();
  await expect(page.getByText('Can be filled in for all 2.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep the template' }).click();
  await expect(page.getByText('Kept the template A line')).toBeVisible();
  // The form of the new words makes way for that of the kept ones.
  await expect(page.getByRole('button', { name: 'Copy it' })).toBeVisible();
  await page.getByRole('radio', { name: 'Arlo’s office, no first name' }).click();
  const letter = page.getByRole('article', { name: 'The letter' });
  await expect(letter.getByText('Dear you all, the boats are in.')).toBeVisible();
  await page.getByRole('radio', { name: 'On a wide screen' }).click();
  await expect(letter.getByRole('link', { name: 'See the boats' })).toBeVisible();
  await page.getByRole('button', { name: 'Send it to me' }).click();
  await expect(page.getByText('It is on its way to marisol@example.com.')).toBeVisible();

  await page.goto(`${base}/write?person=${ids[0]}&kind=email`);
  await page.getByLabel('Begin from').selectOption({ label: 'A line' });
  await expect(page.getByText('Dear Rosa, the boats are in.')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Send it', exact: true }).click();
  await expect(page.getByText(SENT_TO_ROSA)).toBeVisible();
  await expect.poll(() => mail.arrived).toHaveLength(2);
  const [mine, hers] = mail.arrived.map((one) => one.mail);
  expect([mine!.subject, hers!.subject]).toEqual(['A line, Arlo’s office', 'A line, Rosa Lind']);
  expect(hers!.attachments).toHaveLength(1);
  expect(hers!.text).toMatch(/See the boats \(https:\/\/example.com\/boats\)/);
});
