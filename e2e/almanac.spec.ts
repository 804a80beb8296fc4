import { call } from '@/contract/call';
import { addPerson } from '@/contract/people';

import { expect, expectNoViolations, goTo, test } from './penpal';

const address = { line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' };

test('a rule is tried and kept, a greeting changed before it happens, and dates come in and go out', async ({
  page,
  penpal,
}) => {
  const base = penpal.url;
  const people = [
    { givenName: 'Rosa', familyName: 'Lind', phone: '555-0101', birthday: '1976-12-03' },
    { givenName: 'Dana', familyName: 'Marsh', birthday: '12-08', addresses: [address] },
    { givenName: 'Lee', familyName: 'Marsh', birthday: '12-10', addresses: [address] },
    { givenName: 'Ana', familyName: 'Birch', phone: '555-0102' },
  ];
  for (const body of people) await call(addPerson, { body }, { base });
  await page.goto('/');
  await goTo(page, 'Almanac');
  await expect(page.getByRole('heading', { name: /^November: no dates/ })).toBeVisible();
  await expectNoViolations(page);

  await page.getByRole('link', { name: 'Rules', exact: true }).click();
  await page.getByRole('button', { name: 'Take over: Round birthdays: a card' }).click();
  await expect(page.getByText('Nobody.')).toHaveCount(0);
  await page.getByRole('button', { name: 'Greet by this rule' }).click();
  await expect(page.getByRole('heading', { name: 'One rule of greetings' })).toBeVisible();
  await page.getByRole('button', { name: 'A new rule' }).click();
  await page.getByLabel('Words', { exact: true }).fill('A good birthday, {{ first_name }}.');
  await expect(page.getByText('A good birthday, Dana.')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Greet by this rule' }).click();
  await expect(page.getByRole('heading', { name: 'Two rules of greetings' })).toBeVisible();

  await page.getByRole('link', { name: 'Greetings ahead' }).click();
  await expect(page.getByRole('heading', { name: '3 greetings' })).toBeVisible();
  // The Marshes have neither phone nor e-mail: a card reaches them.
  await expect(page.getByText(/^A card, on your desk/)).toHaveCount(2);
  await page.getByRole('button', { name: 'One greeting for Dana Marsh and Lee Marsh' }).click();
  await expect(page.getByRole('heading', { name: '2 greetings' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Dana Marsh & Lee Marsh' })).toBeVisible();
  await page.getByRole('button', { name: /^Edit the greeting: Rosa Lind/ }).click();
  await page.getByLabel('Words, as its rule says them').fill('Fifty, Rosa. Well done.');
  await page.getByRole('button', { name: 'Keep these words' }).click();
  await expect(page.getByLabel('Words, written for this one')).toHaveValue(
    'Fifty, Rosa. Well done.',
  );
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Drop this greeting' }).click();
  await page.getByRole('button', { name: 'Take it up again' }).click();

  await page.getByRole('link', { name: 'Dates', exact: true }).click();
  await page.getByRole('button', { name: 'The month after' }).click();
  await expect(
    page.getByRole('heading', { name: /^December: 3 dates, 3 with a greeting/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Thursday, December 3, 1 date/ }).click();
  await page.getByRole('link', { name: 'Rosa Lind' }).click();
  await expect(page.getByText(/Dec 3: turns 50/)).toBeVisible();
  await page.getByRole('button', { name: 'Don’t greet on: turns 50' }).click();
  await expect(page.getByText('Not greeted on it.')).toBeVisible();

  await goTo(page, 'Almanac');
  await page.getByRole('radio', { name: 'Year' }).click();
  await expect(page.getByRole('heading', { name: /^2026: 3 dates/ })).toBeVisible();
  await expectNoViolations(page);

  await page.getByRole('link', { name: 'Calendars', exact: true }).click();
  await page.getByRole('button', { name: 'Make an address' }).click();
  const feed = await page.getByLabel('Its address').inputValue();
  const text = await (await page.request.get(feed)).text();
  expect(text).toContain('SUMMARY:Rosa Lind: birthday (1976)');
  const events = ['Ana Birch’s birthday', 'Dentist'].map(
    (summary) =>
      `BEGIN:VEVENT\r\nUID:${summary}\r\nSUMMARY:${summary}\r\nDTSTART;VALUE=DATE:19790612\r\nRRULE:FREQ=YEARLY\r\nEND:VEVENT`,
  );
  await page.locator('input[type=file]').setInputFiles({
    name: 'theirs.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(`BEGIN:VCALENDAR\r\n${events.join('\r\n')}\r\nEND:VCALENDAR`),
  });
  await expect(
    page.getByRole('checkbox', { name: 'Ana Birch: Birthday, June 12, 1979' }),
  ).toBeChecked();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Take 1 date in' }).click();
  await expect(page.getByText('Took 1 date in from a calendar')).toBeVisible();
});
