import { createCadence, getCadence, listCadences } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { call } from '@/contract/call';
import { addPerson, getPerson } from '@/contract/people';
import { listServices } from '@/contract/services';
import { getSettings, health } from '@/contract/settings';
import { saveView } from '@/contract/views';
import { plainDate } from '@/core/time';

import { expect, expectNoViolations, goTo, test } from './penpal';

const beat = (days: number) => ({
  id: crypto.randomUUID(),
  timing: { on: 'after' as const, days },
  kind: 'call' as const,
  wordings: [],
  dayRule: 'exact' as const,
});

const add = async (base: string, givenName: string, more: object = {}) =>
  (await call(addPerson, { body: { givenName, phone: '555-0142', ...more } }, { base })).id;

test('a beat tells an outside service: added, tried on somebody, and built in', async ({
  page,
  penpal,
}) => {
  await add(penpal.url, 'Ana', { familyName: 'Vance' });
  await page.goto('/');
  await goTo(page, 'More');
  await page.getByRole('link', { name: 'Services' }).click();
  await page.getByLabel('Its name').fill('Letters');
  await page.getByLabel('Its web address').fill('letters');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText(/Give a web address that begins with/).first()).toBeVisible();
  // Nobody listens there, and that is said.
  await page.getByLabel('Its web address').fill('http://127.0.0.1:9/told');
  await page.getByRole('checkbox', { name: 'It is inside my own machine or network' }).click();
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByLabel('Its secret')).toHaveValue(/^whsec_/);
  await page.getByRole('button', { name: 'Change or try Letters' }).click();
  await page.getByRole('button', { name: 'Try Letters on somebody' }).click();
  await page.getByRole('combobox', { name: 'Person to try it on', exact: true }).fill('Ana');
  await page.getByRole('option', { name: 'Ana Vance' }).click();
  await expect(page.getByText('Nothing answers at its address.')).toBeVisible();
  await expect(page.getByText(/"type": "penpal.trial"/)).toBeVisible();
  await expectNoViolations(page);

  await page.goto(`${penpal.url}/cadences/new`);
  await page.getByLabel('Name').fill('New home');
  await page.getByRole('button', { name: 'Add a beat' }).click();
  await page.getByLabel('Kind of beat 1').selectOption({ label: 'tell a service' });
  await expect(page.getByLabel('Service that beat 1 tells')).toBeVisible();
  await expect(page.getByText(/can’t be taken back/)).toBeVisible();
  await page.getByLabel('Words of beat 1').fill('Add {{ name }}');
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Day 1, tell Letters')).toBeVisible();
  const { services } = await call(listServices, {}, { base: penpal.url });
  const { cadences } = await call(listCadences, {}, { base: penpal.url });
  expect(cadences[0]!.beats).toMatchObject([
    { kind: 'other', way: 'auto', errand: { to: 'service', serviceId: services[0]!.id } },
  ]);
});

test('a cadence begins another one, and is fed by a view', async ({ page, penpal }) => {
  const base = penpal.url;
  const ana = await add(base, 'Ana', { tags: ['garden'] });
  const draft = { rounds: null, gapDays: 30 };
  const { id } = await call(
    createCadence,
    { body: { ...draft, name: 'First', beats: [beat(0), beat(40)] } },
    { base },
  );
  const { id: cards } = await call(
    createCadence,
    { body: { ...draft, name: 'Cards', beats: [beat(0)] } },
    { base },
  );
  await call(
    saveView,
    { body: { name: 'Garden', filter: { tags: ['garden'] }, sort: 'name' } },
    { base },
  );
  await page.goto(`${base}/cadences/${id}`);
  await page.getByRole('button', { name: 'Change beat 2' }).click();
  await page.getByLabel('Kind of beat 2').selectOption({ label: 'begin another cadence' });
  await expect(page.getByText('Day 41, begin Cards')).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const { beats } = await call(getCadence, { params: { id } }, { base });
  expect(beats[1]).toMatchObject({ errand: { to: 'cadence', cadenceId: cards } });

  await page.getByLabel('Whoever is in the view').selectOption({ label: 'Garden (1)' });
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText('Whoever is in Garden joins First')).toBeVisible();
  const { enrolments } = await call(getPerson, { params: { id: ana } }, { base });
  expect(enrolments.map(({ cadence }) => cadence)).toEqual(['First']);
});

test('public holidays are days off, but for those on which the owner works', async ({
  page,
  penpal,
}) => {
  const base = penpal.url;
  const free = async () =>
    (await call(getSettings, {}, { base })).freeDays.includes(plainDate('2026-12-25'));
  await page.goto('/');
  await goTo(page, 'More');
  await page.getByLabel('Holidays of').selectOption({ label: 'United States' });
  const chip = page.getByRole('checkbox', { name: 'Christmas Day' });
  await expect(chip).toBeVisible();
  await expect.poll(free).toBe(true);
  await expectNoViolations(page);
  await chip.click();
  await expect.poll(free).toBe(false);
});

test('a touch is handed back to the plan, and taken back by undo', async ({ page, penpal }) => {
  const base = penpal.url;
  const ana = await add(base, 'Ana');
  const { id } = await call(
    createCadence,
    { body: { name: 'First', rounds: null, gapDays: 30, beats: [beat(0)] } },
    { base },
  );
  const { clock } = await call(health, {}, { base });
  const body = { cadenceId: id, who: { ids: [ana] }, startOn: clock.today };
  await call(enrol, { body }, { base });
  await page.goto(base);
  await page.getByRole('button', { name: 'Later Ana' }).click();
  await page.getByRole('button', { name: 'When there is room, Ana' }).click();
  await expect(page.getByText(/^Ana comes back .*, the day with most room$/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(page.getByRole('button', { name: 'Later Ana' })).toBeVisible();
});
