import { expect, goTo, test } from './penpal';

const CSV = `Client,E-mail,Mobile,Closeness,Last spoke
Rosa Lind,rosa@example.com,555-0142,Inner,2026-09-01
"Marsh, Gideon",gideon@example.org,555-0117,Close,2026-11-01
Halima Osei,halima@example.net,,Inner,2026-11-20
,,,,
,,,Inner,
`;

test('a list comes in, a cadence is built, people are enrolled, a touch is logged and the next one moves', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Import a list' }).click();
  await page.getByLabel('Spreadsheet, CSV or vCard file').setInputFiles({
    name: 'clients.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(CSV),
  });
  await expect(page.getByText('3 people to import')).toBeVisible();
  await expect(
    page.getByText('Row 6: It has neither a name nor a way to reach anybody.'),
  ).toBeVisible();
  await page.getByRole('button', { name: /understood by the heading$/ }).click();
  await expect(page.getByLabel('What Last spoke holds')).toHaveValue('lastTouch');
  await page.getByRole('button', { name: 'Import 3 people' }).click();
  await expect(page.getByRole('link', { name: /Rosa Lind/ })).toBeVisible();

  await goTo(page, 'Desk');
  await expect(page.getByText(/Your 30-day promise ran out October 1/)).toBeVisible();

  await goTo(page, 'Cadences');
  await page.getByRole('button', { name: 'New cadence' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Quarterly, three ways');
  for (const [n, kind, words] of [
    [1, 'call', 'Ask {{ first_name }} about the house'],
    [2, 'social', ''],
    [3, 'text', ''],
  ] as const) {
    await page.getByRole('button', { name: 'Add a beat' }).click();
    await page.getByLabel(`Kind of beat ${n}`).selectOption(kind);
    await page.getByLabel(`Words of beat ${n}`).fill(words);
  }
  await expect(page.getByText(/12 touches in three ways|13 touches in three ways/)).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Quarterly, three ways' })).toBeVisible();
  await page.getByRole('button', { name: 'Enroll people' }).click();

  await expect(
    page
      .getByText('Ask Rosa about the house')
      .or(page.getByText('Ask Gideon about the house'))
      .first(),
  ).toBeVisible();
  await expect(page.getByText('no phone: 2 beats a round')).toBeVisible();
  await page.getByRole('button', { name: 'Enroll 3 people' }).click();

  await expect(page.getByRole('heading', { name: 'Three to reach today' })).toBeVisible();
  await expect(page.getByText('Ask Rosa about the house')).toBeVisible();
  await page.getByRole('button', { name: 'Log Rosa Lind' }).click();
  await page.getByLabel('Note').fill('Kitchen is done');
  await page.getByRole('button', { name: 'Reached' }).click();
  await expect(page.getByText('Rosa Lind: call, reached')).toBeVisible();
  await expect(page.getByText('Ask Rosa about the house')).toBeHidden();

  await goTo(page, 'People');
  // What was just logged sorts the list anew, and would move the row from under the pointer.
  await page.getByRole('link', { name: /Rosa Lind.*30 days left/ }).click();
  await expect(page.getByText('You last spoke today; you promised every 30.')).toBeVisible();
  await expect(
    page.getByText('Next: social word, Wednesday').or(page.getByText(/Next: .*December 23/)),
  ).toBeVisible();
  await expect(page.getByText('Call, reached.', { exact: true })).toBeVisible();
  await expect(page.getByText('Kitchen is done', { exact: true })).toBeVisible();

  await goTo(page, 'Desk');
  await page.getByRole('button', { name: 'Undo Rosa Lind' }).click();
  await expect(page.getByText('Ask Rosa about the house')).toBeVisible();
});
