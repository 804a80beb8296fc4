import writeSheet from 'write-excel-file/node';

import { expect, expectNoViolations, test } from './penpal';

const MESSY = `My clients,,,,,,,
First Name,Last Name,E-mail,Cell Phone,Home Address,Birthday,Spouse Name,Shoe size
Rosa,Lind,rosa@example.com,503-555-0142,12 Harbour Ln,5/12/1980,Dana Lind,38
Gideon,Marsh,gideon@example,503-555-0143,3 Quay St,3/4/1971,,44
Wen,Ito,wen@example.net,,,,,
Total,,,,,,,
`;

test('a file as people have them is seen, asked about, put right, and comes in', async ({
  page,
  penpal,
}) => {
  await page.goto(`${penpal.url}/people/import`);
  await page.getByLabel('Spreadsheet, CSV or vCard file').setInputFiles({
    name: 'clients.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(MESSY),
  });
  await expect(page.getByText(/^3 people to import, 2 rows left out/)).toBeVisible();
  await expect(page.getByText('“gideon@example” is not an e-mail address')).toBeVisible();
  await expect(page.getByText('Nobody understands this heading. 38 · 44')).toBeVisible();
  await expectNoViolations(page);

  const comeIn = page.getByRole('button', { name: /^Import \d people$/ });
  await expect(comeIn).toBeDisabled();
  await page.getByRole('radio', { name: 'The day' }).click();
  await expect(comeIn).toBeEnabled();
  await page.getByLabel('What Shoe size holds').selectOption({ label: 'A new field of your own' });
  await page.getByRole('radio', { name: 'People of the same home' }).click();
  await expect(page.getByText(/^4 people to import/)).toBeVisible();

  await page.getByRole('button', { name: 'Change E-mail of Gideon Marsh: gideon@example' }).click();
  await page.getByLabel('E-mail of Gideon Marsh').fill('gideon@example.org');
  await page.getByLabel('E-mail of Gideon Marsh').press('Enter');
  await expect(page.getByText('“gideon@example” is not an e-mail address')).toBeHidden();
  await expectNoViolations(page);

  await comeIn.click();
  await page.getByRole('link', { name: /^Rosa Lind/ }).click();
  for (const words of ['December 5, 1980', '38', 'Dana Lind'])
    await expect(page.getByText(words).first()).toBeVisible();
});

test('a spreadsheet of thousands comes in, and is looked through to its end', async ({
  page,
  penpal,
}) => {
  const rows = Array.from({ length: 3_000 }, (_, i) => [
    `Given${i} Family${i % 700}`,
    `p${i}@example.com`,
    new Date(Date.UTC(1950 + (i % 50), i % 12, 1 + (i % 28))),
  ]);
  const sheet = writeSheet([['Name', 'E-mail', 'Birthday'], ...rows], { dateFormat: 'mm/dd/yyyy' });
  await page.goto(`${penpal.url}/people/import`);
  await page.getByLabel('Spreadsheet, CSV or vCard file').setInputFiles({
    name: 'clients.xlsx',
    mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    buffer: await sheet.toBuffer(),
  });
  await expect(page.getByText('3,000 people to import.')).toBeVisible();
  const list = page.getByLabel('People to import', { exact: true });
  await expect(list.getByText('Given0 Family0', { exact: true })).toBeVisible();
  await expect(async () => {
    await list.evaluate((box) => box.scrollTo(0, box.scrollHeight));
    await expect(list.getByText('Given2999 Family199', { exact: true })).toBeVisible({
      timeout: 1000,
    });
  }).toPass();
});
