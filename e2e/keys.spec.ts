import { call } from '@/contract/call';
import { addPerson } from '@/contract/people';

import { expect, test } from './penpal';

test.use({ args: ['--today', '2026-11-23'] });

test('from the keys alone: search, walk through the list, open, log, add', async ({
  page,
  penpal,
}) => {
  for (const [givenName, familyName] of [
    ['Ana', 'Abara'],
    ['Bo', 'Birch'],
    ['Cy', 'Coyle'],
  ] as const)
    await call(
      addPerson,
      { body: { givenName, familyName, phone: '555-0101' } },
      { base: penpal.url },
    );
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Nobody is waiting today' })).toBeVisible();

  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys.getByText('Search people')).toBeVisible();
  await keys.getByRole('button', { name: 'Close' }).click();

  await page.keyboard.press('/');
  await expect(page.getByLabel('Search people')).toBeFocused();
  await page.keyboard.type('b');
  await expect(page.getByRole('status').filter({ hasText: '2' })).toBeVisible();

  // Whose name begins with it comes first, whoever merely has it after.
  await page.getByRole('link', { name: /Bo Birch/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('link', { name: /Ana Abara/ })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('link', { name: /Bo Birch/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bo Birch' })).toBeVisible();
  // The list stays beside the sheet.
  await expect(page.getByRole('link', { name: /Ana Abara/ })).toBeVisible();

  await page.keyboard.press('l');
  const log = page.getByRole('dialog', { name: 'A touch with Bo Birch' });
  await log.getByLabel('What it was').selectOption('visit');
  await log.getByRole('textbox', { name: 'When', exact: true }).fill('2026-11-20');
  await log.getByRole('button', { name: 'Reached' }).click();
  await expect(page.getByText('You last met 3 days ago; nothing is promised.')).toBeVisible();

  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Somebody new' })).toBeVisible();
});
