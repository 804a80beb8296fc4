import type { Page } from '@playwright/test';

import { call } from '@/contract/call';
import { listCadences } from '@/contract/cadences';
import { addPerson } from '@/contract/people';
import { getDesk } from '@/contract/touches';
import { isCalendar } from '@/core/cadences';

import { DEMO, expect, test } from './penpal';

test.use({ args: DEMO });
test.describe.configure({ timeout: 300_000 });

/** Windows with the reader's own text size, in percent: phones first, then with room. */
const WINDOWS = {
  phone: [
    [320, 100],
    [320, 200],
    [390, 100],
    [390, 200],
  ],
  wide: [
    [1280, 100],
    [1280, 200],
  ],
} as const;

const CONTROLS =
  'a[href], button, input, select, textarea, [role=button], [role=checkbox], [role=radio], [role=combobox], [tabindex="0"]';

/** Unfolds all that unfolds, and what unfolds in that. */
async function unfold(page: Page): Promise<void> {
  for (let depth = 0; depth < 3; depth++) {
    const folded = await page
      .locator('[aria-expanded=false]:not([role=combobox])')
      .evaluateAll((all) => all.map((one) => (one as HTMLElement).click()).length);
    if (folded === 0) return;
    await page.waitForTimeout(150);
  }
}

/** Controls that leave the window at its sides, with how far. */
const outside = (page: Page) =>
  page.evaluate((controls) => {
    const beyond = [...document.querySelectorAll(controls)].flatMap((one) => {
      const { left, right, width, height } = one.getBoundingClientRect();
      if (width * height === 0 || (left > -1 && right < innerWidth + 1)) return [];
      const name = one.getAttribute('aria-label') ?? one.textContent ?? '';
      return [`${name.slice(0, 40)} from ${Math.round(left)} to ${Math.round(right)}`];
    });
    const page = document.documentElement.scrollWidth;
    return page > innerWidth ? [...beyond, `the page is ${page} wide`] : beyond;
  }, CONTROLS);

async function expectToFit(page: Page, address: string): Promise<void> {
  await page.setViewportSize({ width: 320, height: 800 });
  await page.goto(address);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  for (const windows of Object.values(WINDOWS)) {
    await page.setViewportSize({ width: windows[0][0], height: 800 });
    await page.waitForLoadState('networkidle');
    await unfold(page);
    for (const [width, percent] of windows) {
      await page.evaluate((size) => {
        document.documentElement.style.fontSize = size;
      }, `${percent}%`);
      // What measures itself does so when its width changes; a reader's size of text is there before.
      await page.setViewportSize({ width: width - 40, height: 800 });
      await page.setViewportSize({ width, height: 800 });
      await page.waitForTimeout(120);
      expect
        .soft(await outside(page), `${address}, ${width} wide, text at ${percent} %`)
        .toEqual([]);
    }
    await page.evaluate(() => document.documentElement.removeAttribute('style'));
  }
}

test('every control of the daily screens is inside the window, whatever its width and text size', async ({
  page,
  penpal,
}) => {
  const { id } = await call(
    addPerson,
    {
      body: {
        givenName: 'Wolfeschlegelsteinhausenbergerdorff Maria-Antonietta',
        familyName: 'von und zu Hohenlohe-Waldenburg-Schillingsfürst',
        company: 'Kraftfahrzeughaftpflichtversicherungsgesellschaft',
        email: 'wolfeschlegelsteinhausenbergerdorff.hohenlohe@example.com',
      },
    },
    { base: penpal.url },
  );
  const { items } = await call(getDesk, {}, { base: penpal.url });
  for (const address of [
    '/',
    '/people',
    `/people/${id}`,
    `/people/${items[0]!.personId}`,
    '/people/add',
    '/people/import',
    '/people/views',
    '/ahead',
    '/almanac',
    '/almanac/greetings',
    '/almanac/rules',
    '/almanac/calendars',
    '/out',
    '/out/back',
    '/out/gone',
    '/out/carriers',
    `/write?person=${id}`,
    '/tidy',
    '/tidy/phone',
    '/tidy/same',
    '/tidy/tags',
  ])
    await expectToFit(page, address);
});

test('every control of cadences and settings is inside the window, whatever its width and text size', async ({
  page,
  penpal,
}) => {
  const { cadences } = await call(listCadences, {}, { base: penpal.url });
  const year = cadences.find(isCalendar)!;
  const rota = cadences.find((cadence) => cadence.rota)!;
  for (const address of [
    '/cadences',
    '/cadences/patterns',
    '/cadences/new',
    `/cadences/${cadences[0]!.id}`,
    `/cadences/${year.id}`,
    `/cadences/rota?id=${rota.id}`,
    `/enrol?cadence=${cadences[0]!.id}`,
    '/more',
    '/lists',
    '/kinds',
    '/services',
    '/web-form',
    '/safety',
  ])
    await expectToFit(page, address);
});
