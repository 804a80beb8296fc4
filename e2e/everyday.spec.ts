import { call } from '@/contract/call';
import { createCadence } from '@/contract/cadences';
import { runImport } from '@/contract/imports';
import { addPerson, editPerson, getPerson } from '@/contract/people';

import { DEMO, expect, expectNoViolations, goTo, test } from './penpal';

const INNER = '0190a000-0000-7000-8000-000000000001';

const people = (n: number) =>
  ['First name,Last name,Mobile,Circle,Last contact']
    .concat(
      Array.from(
        { length: n },
        (_, i) =>
          `Given${i},Family${i},555-01${String(i % 100).padStart(2, '0')},Inner,2026-10-${10 + (i % 20)}`,
      ),
    )
    .join('\n');

async function bringIn(base: string, n: number): Promise<void> {
  const content = Buffer.from(people(n)).toString('base64');
  await call(
    runImport,
    { body: { fileName: 'people.csv', content, mapping: null, circleId: null, tag: null } },
    { base },
  );
}

test('somebody new comes in with one typed line, and is told what could not be read', async ({
  page,
}) => {
  await page.goto('/');
  await goTo(page, 'People');
  await page.getByRole('button', { name: 'Add somebody' }).click();
  await page
    .getByLabel(/^Name, phone/)
    .fill('Rosa Lind, 555-0142, met at the market, birthday 31 February, #garden');
  await expect(page.getByText('would be left out: birthday 31 February')).toBeVisible();
  await page
    .getByLabel(/^Name, phone/)
    .fill('Rosa Lind, 555-0142, met at the market, birthday 4 May, #garden');
  await expect(page.getByText('May 4', { exact: true })).toBeVisible();
  await page.getByLabel('Circle').selectOption({ label: 'Inner' });
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Rosa Lind' })).toBeVisible();
  await expect(page.getByText('May 4', { exact: true })).toBeVisible();
  await expect(page.getByText('#garden')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('This person is not in your sphere any more.')).toBeVisible();
});

test('a file that can not be read says why, and nothing comes in', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Import a list' }).click();
  for (const [text, sentence] of [
    ['', 'This file is empty.'],
    ['Name,Note\n', 'This file has a header but no rows below it.'],
  ]) {
    await page
      .getByLabel('Spreadsheet, CSV or vCard file')
      .setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from(text!) });
    await expect(page.getByText(sentence!)).toBeVisible();
  }
  await expectNoViolations(page);
  await goTo(page, 'People');
  await expect(page.getByText('Nobody is here yet.')).toBeVisible();
});

test('an import is taken back as one', async ({ page, penpal }) => {
  await bringIn(penpal.url, 30);
  await page.goto(`${penpal.url}/people/import`);
  await page.getByRole('button', { name: 'Take back people.csv' }).click();
  await expect(page.getByText('Took back 30 people of people.csv').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Take back people.csv' })).toBeVisible();
});

test('many are chosen at once: all of a filter change circle, with an undo', async ({
  page,
  penpal,
}) => {
  await bringIn(penpal.url, 250);
  await page.goto('/');
  await goTo(page, 'People');
  await expect(page.getByRole('status').filter({ hasText: '250' })).toBeVisible();
  await page.getByLabel('Search people').fill('family24');
  await expect(page.getByRole('status').filter({ hasText: '11' })).toBeVisible();
  await page.getByRole('link', { name: /^Given24 / }).click();
  await expect(page.getByRole('heading', { name: 'Given24 Family24' })).toBeVisible();
  const back = page.getByRole('button', { name: 'Back to people' });
  if (await back.isVisible()) await back.click();
  await expect(page.getByLabel('Search people')).toHaveValue('family24');
  await page.getByRole('button', { name: 'Choose', exact: true }).click();
  await page.getByRole('checkbox', { name: /Given24 / }).click();
  await page.getByRole('button', { name: 'Select all 11' }).click();
  await expect(page.getByText('11 people selected')).toBeVisible();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByLabel('What to do').selectOption({ label: 'Move to a circle' });
  await page.getByLabel('Circle', { exact: true }).selectOption({ label: 'Outer' });
  await expect(page.getByText('11 people of 11 will be changed.')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Change 11 people' }).click();
  await expect(page.getByText('Moved 11 people to another circle')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^Undone: Moved 11 people/)).toBeVisible();
});

test('five thousand people: the whole list is there, and its end is reached', async ({
  page,
  penpal,
}) => {
  await bringIn(penpal.url, 5000);
  await page.goto('/');
  await goTo(page, 'People');
  await expect(page.getByRole('status').filter({ hasText: '5,000' })).toBeVisible();
  await page.getByLabel('Order').selectOption({ label: 'By name' });
  await expect(page.getByRole('link', { name: /^Given0 Family0/ })).toBeVisible();
  await page
    .getByRole('list', { name: 'People' })
    .evaluate((list) => list.parentElement!.scrollTo(0, list.scrollHeight));
  await expect(page.getByRole('link', { name: /^Given999 Family999/ })).toBeVisible();
  // "999" sorts last. Only what is in view is in the page.
  expect(await page.getByRole('listitem').count()).toBeLessThan(40);
  await page.getByRole('button', { name: 'Choose', exact: true }).click();
  await page.getByRole('button', { name: 'Select all 5,000' }).click();
  await expect(page.getByText('5,000 people selected')).toBeVisible();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByLabel('Tag', { exact: true }).fill('everybody');
  await page.getByRole('button', { name: 'Change 5,000 people' }).click();
  await expect(page.getByText('Tagged 5,000 people #everybody')).toBeVisible();
});

test('beats are moved by keys and by dragging; the days stay', async ({ page, penpal }) => {
  const beat = (afterDays: number, kind: 'call' | 'text' | 'card') => ({
    id: crypto.randomUUID(),
    timing: { on: 'after' as const, days: afterDays },
    kind,
    wordings: [],
    dayRule: 'next' as const,
  });
  const body = {
    name: 'Three ways',
    rounds: null,
    gapDays: 30,
    beats: [beat(0, 'call'), beat(30, 'text'), beat(60, 'card')],
  };
  const { id } = await call(createCadence, { body }, { base: penpal.url });
  await page.goto(`${penpal.url}/cadences/${id}`);
  const beats = page.getByRole('list', { name: 'Beats' }).getByRole('listitem');
  const lines = (...kinds: string[]) =>
    expect(beats).toContainText(kinds.map((kind, i) => `Day ${1 + 30 * i}, ${kind}`));
  await lines('call', 'text', 'card');
  await page.getByRole('button', { name: 'Change beat 3' }).click();
  await page.getByRole('button', { name: 'Move beat 3 earlier' }).click();
  await lines('call', 'card', 'text');
  await page.getByRole('button', { name: 'Hide beat 2' }).click();

  const handle = page.getByRole('button', { name: 'Move beat 1', exact: true });
  await handle.focus();
  await page.keyboard.press('ArrowDown');
  await lines('card', 'call', 'text');

  await page.getByRole('button', { name: 'Move beat 3', exact: true }).scrollIntoViewIfNeeded();
  const from = (await page
    .getByRole('button', { name: 'Move beat 3', exact: true })
    .boundingBox())!;
  const to = (await page.getByRole('button', { name: 'Move beat 2', exact: true }).boundingBox())!;
  await page.mouse.move(from.x + 10, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 10, from.y - 20, { steps: 4 });
  await page.mouse.move(to.x + 10, to.y + 10, { steps: 8 });
  await page.mouse.up();
  await lines('card', 'text', 'call');
  await expectNoViolations(page);

  await page.getByRole('button', { name: 'Change beat 1' }).click();
  await page.getByLabel('Day of beat 1').fill('');
  await expect(
    page.getByText('Beat 1 lies before the first day. Give it a day from 1 on.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('A beat cannot lie before the first day.').first()).toBeVisible();
});

test('two windows on one person: the later change is refused and the newer version shown', async ({
  page,
  penpal,
}) => {
  const { id } = await call(
    addPerson,
    { body: { givenName: 'Halima', familyName: 'Osei', circleId: INNER } },
    { base: penpal.url },
  );
  await page.goto(`${penpal.url}/people/${id}`);
  await page.getByLabel('Add a fact').selectOption({ label: 'Phone' });
  await call(
    editPerson,
    { params: { id }, body: { version: 1, company: 'Tidewater Title' } },
    { base: penpal.url },
  );
  await page.getByLabel('phone 1', { exact: true }).fill('555-0150');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(/was changed in another window meanwhile/).first()).toBeVisible();
  const fields = async () =>
    (await call(getPerson, { params: { id } }, { base: penpal.url })).fields;
  expect(await fields()).toMatchObject({ company: 'Tidewater Title', phones: [] });
  // The newer version is shown, what was typed is still there, and can be kept on it.
  await expect(page.getByText('Tidewater Title').first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('555-0150').first()).toBeVisible();
  expect(await fields()).toMatchObject({
    company: 'Tidewater Title',
    phones: [{ value: '555-0150' }],
  });
});

test('putting off, letting the room of a day be, and looking ahead', async ({ page, penpal }) => {
  await bringIn(penpal.url, 14);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Ten to reach today' })).toBeVisible();
  await expect(page.getByText(/moved from today to later days/)).toBeVisible();
  await page.getByRole('button', { name: 'Later Given0 Family0' }).click();
  await page.getByRole('button', { name: 'Tomorrow' }).click();
  await expect(page.getByText('Given0 Family0 comes back tomorrow')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Nine to reach today' })).toBeVisible();
  await expectNoViolations(page);
  await goTo(page, 'Ahead');
  await expect(page.getByRole('heading', { name: /You can keep all/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /Touches a week for 13 weeks/ })).toBeVisible();
  await expectNoViolations(page);
  await goTo(page, 'More');
  await page.getByLabel('Room on a working day for').fill('4');
  await page.getByRole('button', { name: 'Save my days' }).click();
  await expect(page.getByText('Changed your settings').first()).toBeVisible();
  await expectNoViolations(page);
});

test.describe('in the demo', () => {
  // The first of them fills it, which takes as long as some journeys.
  test.describe.configure({ timeout: 600_000 });
  test.use({ args: DEMO });

  test('the day moves on, and what was planned for it is on the desk', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByText('Demo: Mon, November 23')).toBeVisible();
    await expect(page.getByRole('heading', { name: /to reach today/ })).toBeVisible();
    await expectNoViolations(page);
    await page.getByRole('button', { name: 'Next day' }).click();
    await expect(page.getByText('Tuesday, November 24')).toBeVisible();
    await page.getByRole('button', { name: 'A week on' }).click();
    // Seven days are lived through, one by one.
    await expect(page.getByText('Tuesday, December 1')).toBeVisible({ timeout: 90_000 });
    await expect(page.getByRole('heading', { name: /to reach today/ })).toBeVisible();
    await goTo(page, 'People');
    await page.getByLabel('Search people').fill('a');
    await page
      .getByRole('link', { name: /days over|days left/ })
      .first()
      .click();
    await expect(
      page.getByText(/you promised every \d+|the promise of \d+ days|days you promised/).first(),
    ).toBeVisible();
    await expect(page.getByRole('img', { name: /^Twelve months: / })).toBeVisible();
    await expectNoViolations(page);
  });
});
