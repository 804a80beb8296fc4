import { readFile } from 'node:fs/promises';

import type { Page } from '@playwright/test';

import { call } from '@/contract/call';
import { runImport } from '@/contract/imports';
import { listPeople } from '@/contract/people';

import { expect, expectNoViolations, goTo, test } from './penpal';

const CSV = `First name,Last name,Phone,E-mail,Tags,Notes,Neighborhood
Rosa,Lind,(201) 555-0123,rosa@example.com,garden,Looks for a garden,Old Quay
Roza,Lind,201-555-0123,r.lind@example.org,boat,Bought a boat,
Gideon,Marsh,,gideon@example.org,boat,Bought a boat,Kelp
Halima,Osei,,,garden,Looks for a garden,Kelp
`;

async function bringIn(base: string): Promise<void> {
  const content = Buffer.from(CSV).toString('base64');
  const body = { fileName: 'people.csv', content, mapping: null, circleId: null, tag: null };
  await call(runImport, { body: { ...body, same: 'add' } }, { base });
}

async function openSheet(page: Page, base: string, text: string) {
  const { rows } = await call(listPeople, { query: { text } }, { base });
  await page.goto(`${base}/people/${rows[0]!.id}`);
  await expect(page.getByRole('heading', { level: 1, name: rows[0]!.name })).toBeVisible();
}

test('a record is changed where it stands, and a no to calls says so instead of a button', async ({
  page,
  penpal,
}) => {
  await bringIn(penpal.url);
  await openSheet(page, penpal.url, 'gideon');
  await page.getByLabel('Add a fact').selectOption({ label: 'Phone' });
  await page.getByLabel('phone 1', { exact: true }).fill('later');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('“later” is not a phone number.').first()).toBeVisible();
  await page.getByLabel('phone 1', { exact: true }).fill('201 555 0124');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('(201) 555-0124')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Call', exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Change consent to calls' }).click();
  await page.getByRole('radio', { name: 'No', exact: true }).click();
  await page.getByLabel('Where it came from').fill('asked at the fair');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(/^Said no to calls\./)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Call', exact: true })).toBeHidden();
  await expectNoViolations(page);

  await page.getByRole('button', { name: 'Add a tie' }).click();
  await page.getByRole('combobox', { name: 'Who', exact: true }).fill('halima');
  await page.getByRole('option', { name: /^Halima Osei/ }).click();
  await expect(page.getByRole('link', { name: 'Halima Osei' }).last()).toBeVisible();
  await page.getByRole('button', { name: 'Add work' }).click();
  await page.getByLabel('What it is').fill('Loan for the loft');
  await page.getByLabel('Fee').fill('2,500');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('fee $2,500')).toBeVisible();

  // A note reads again what shows it, and nothing else; how far long work is, is looked for by itself.
  const read: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (request.method() === 'GET' && pathname !== '/api/work') read.push(pathname);
  });
  await page.getByLabel('Write a note').fill('Loft next spring');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByText('Loft next spring').last()).toBeVisible();
  await expect.poll(() => read.length).toBeGreaterThan(0);
  await page.waitForTimeout(500);
  expect(read).toEqual([expect.stringMatching(/^\/api\/people\/[-0-9a-f]{36}$/)]);
});

test('people are found by nested lines, counted while they are written, and kept as a view', async ({
  page,
  penpal,
}) => {
  await bringIn(penpal.url);
  await page.goto('/');
  await goTo(page, 'People');
  await page.getByRole('button', { name: 'More filters' }).click();
  await page.getByRole('button', { name: 'Add a line' }).click();
  await page.getByLabel('Line 1: one more').selectOption({ label: 'boat' });
  const status = page.getByRole('dialog').getByRole('status');
  await expect(status).toContainText('2 people');
  await page.getByRole('button', { name: 'Add a group' }).click();
  await page
    .getByLabel('How the lines of this group count')
    .selectOption({ label: 'None of these holds' });
  const group = page.getByRole('group', { name: 'None of these holds' });
  await group.getByLabel('Line 1: what').selectOption({ label: 'Neighborhood' });
  await group.getByLabel('Line 1: how').selectOption({ label: 'contains' });
  await group.getByLabel('Line 1: words').fill('kelp');
  await expect(status).toContainText('1 person');
  await expectNoViolations(page);
  await page.getByLabel('Its name').fill('Boats elsewhere');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await page.getByRole('button', { name: 'Show them' }).click();
  await expect(page.getByRole('link', { name: /^Roza Lind/ })).toBeVisible();
  await page.getByRole('button', { name: 'Clear all' }).click();
  await expect(page.getByRole('link', { name: /^Gideon Marsh/ })).toBeVisible();
  await page.getByLabel('View', { exact: true }).selectOption({ label: 'Boats elsewhere (1)' });
  await expect(page.getByRole('link', { name: /^Gideon Marsh/ })).toBeHidden();

  await page.getByRole('button', { name: 'Clear all' }).click();
  await page.getByLabel('Search people').fill('Marhs');
  await expect(page.getByText('Nobody is spelled like that. These are near.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Gideon Marsh/ })).toBeVisible();
  await page.getByLabel('View', { exact: true }).selectOption({ label: 'Arrange the views…' });
  await page.getByRole('button', { name: 'Hide Boats elsewhere' }).click();
  await expect(page.getByText('Boats elsewhere, 1 person, hidden')).toBeVisible();
  await expectNoViolations(page);
});

test('everybody goes out as a file that the browser keeps', async ({ page, penpal }) => {
  await bringIn(penpal.url);
  await page.goto('/people');
  await page.getByRole('button', { name: 'Choose', exact: true }).click();
  await page.getByRole('button', { name: 'Select all 4' }).click();
  await page.getByRole('button', { name: 'Export' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'vCard 4.0, for address books' }).click();
  await expectNoViolations(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'Export' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/^people-\d{4}-\d\d-\d\d\.vcf$/);
  const cards = await readFile(await file.path(), 'utf8');
  expect(cards.match(/^FN:.*(?=\r$)/gm)!.sort()).toEqual([
    'FN:Gideon Marsh',
    'FN:Halima Osei',
    'FN:Rosa Lind',
    'FN:Roza Lind',
  ]);
  await expect(page.getByText(/^4 people go into people-/)).toBeVisible();
});

test('who is here twice is merged field by field, and taken apart again', async ({
  page,
  penpal,
}) => {
  await bringIn(penpal.url);
  await page.goto(`${penpal.url}/tidy`);
  await expectNoViolations(page);
  await page.getByRole('link', { name: /^Twice here/ }).click();
  await expect(page.getByText('Perhaps one person: similar name, same phone')).toBeVisible();
  await page
    .getByRole('checkbox', { name: 'Rosa' })
    .or(page.getByRole('checkbox', { name: 'Roza' }))
    .last()
    .click();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'One person: merge' }).click();
  await expect(page.getByText('No duplicates found.')).toBeVisible();
  await page.getByRole('button', { name: /^Take .* apart$/ }).click();
  await expect(page.getByText('Perhaps one person: similar name, same phone')).toBeVisible();
});

test('a gap is filled for one after another with the keys alone', async ({ page, penpal }) => {
  await bringIn(penpal.url);
  await page.goto(`${penpal.url}/tidy/phone`);
  await expect(page.getByText('2 people left')).toBeVisible();
  await expectNoViolations(page);
  const field = page.getByLabel('Their phone number');
  await expect(field).toBeFocused();
  await page.keyboard.type('soon');
  await page.keyboard.press('Enter');
  await expect(page.getByText('“soon” is not a phone number.').first()).toBeVisible();
  await field.fill('');
  await page.keyboard.type('201 555 0125');
  await page.keyboard.press('Enter');
  await expect(page.getByText('1 person left')).toBeVisible();
  await expect(field).toBeFocused();
  await page.keyboard.press('Shift+Enter');
  await expect(page.getByText('Known of everybody.')).toBeVisible();
});

test('lists and own fields: a new name counts for everybody, a new field can be filled at once', async ({
  page,
  penpal,
}) => {
  await bringIn(penpal.url);
  await page.goto(`${penpal.url}/lists`);
  await page.getByRole('radio', { name: 'Tags' }).click();
  await page.getByRole('button', { name: /^boat/ }).click();
  await page.getByRole('button', { name: 'Change boat' }).click();
  await page.getByLabel('Name', { exact: true }).fill('sailing');
  await expect(page.getByText('This changes it for 2 people.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Renamed boat to sailing for 2 people')).toBeVisible();
  await page.getByRole('radio', { name: 'Fields of your own' }).click();
  await page.getByLabel('A new field').fill('Loan');
  await page.getByLabel('What it holds').selectOption({ label: 'Money' });
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Loan/ })).toBeVisible();
  await expectNoViolations(page);
  await openSheet(page, penpal.url, 'gideon');
  await page.getByLabel('Add a fact').selectOption({ label: 'Loan' });
  await page.getByLabel('Loan', { exact: true }).fill('1,250.50');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('$1,250.50')).toBeVisible();
});

test('cards and pasted names come in; who is here already is recognised', async ({
  page,
  penpal,
}) => {
  await bringIn(penpal.url);
  await page.goto(`${penpal.url}/people/import`);
  const cards = ['Gideon Marsh', 'Ines Falk'].map(
    (name, i) =>
      `BEGIN:VCARD\r\nVERSION:3.0\r\nFN:${name}\r\nEMAIL:${i === 0 ? 'gideon' : 'ines'}@example.org\r\nTITLE:Boat builder\r\nEND:VCARD\r\n`,
  );
  await page.getByLabel('Spreadsheet, CSV or vCard file').setInputFiles({
    name: 'cards.vcf',
    mimeType: 'text/vcard',
    buffer: Buffer.from(cards.join('')),
  });
  await expect(page.getByText('1 is here already')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Import 2 people' }).click();
  await expect(page.getByText('1 person was here already').first()).toBeVisible();
  await expect(page.getByRole('link', { name: /^Ines Falk/ })).toBeVisible();

  await page.goto(`${penpal.url}/people/import`);
  await page.getByRole('radio', { name: 'Pasted names' }).click();
  await page
    .getByLabel(/^Names and e-mail addresses/)
    .fill('Wen Ito <wen@example.net>; bo@example.net\n???');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('2 people to import')).toBeVisible();
  await expect(page.getByText(/“\?\?\?” is neither a name nor an e-mail address/)).toBeVisible();
  await page.getByRole('button', { name: 'Import 2 people' }).click();
  await expect(page.getByRole('link', { name: /^Wen Ito/ })).toBeVisible();
});

test('what comes by the web form waits, and is taken in by the owner', async ({ page, penpal }) => {
  await page.goto(`${penpal.url}/web-form`);
  await page.getByRole('checkbox', { name: 'The form is open' }).click();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Where it is')).toBeVisible();
  await expectNoViolations(page);
  await page.goto(`${penpal.url}/form`);
  await expectNoViolations(page);
  await page.getByLabel('Your name').fill('Ana Lind');
  await page.getByLabel('E-mail', { exact: true }).fill('ana@example.com');
  await page.getByRole('button', { name: 'Send' }).click();
  await expect(page.getByText('I will be in touch.')).toBeVisible();
  await page.goto(penpal.url);
  await page.getByRole('link', { name: '1 person wrote by the web form.' }).click();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Add Ana Lind as somebody new' }).click();
  await expect(page.getByText('Added Ana Lind')).toBeVisible();
  await page.goto(`${penpal.url}/people`);
  await expect(page.getByRole('link', { name: /^Ana Lind/ })).toBeVisible();
});
