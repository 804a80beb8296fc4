import { createCadence, getCadence, listCadences } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { call } from '@/contract/call';
import { addPerson, getPerson, listPeople } from '@/contract/people';
import { health, saveSettings } from '@/contract/settings';
import { getDesk } from '@/contract/touches';

import { expect, expectNoViolations, goTo, test } from './penpal';

const INNER = '0190a000-0000-7000-8000-000000000001';

const beat = (days: number, kind: 'call' | 'text' | 'card' | 'social' = 'call') => ({
  id: crypto.randomUUID(),
  timing: { on: 'after' as const, days },
  kind,
  wordings: [],
  dayRule: 'next' as const,
});

const add = async (base: string, givenName: string, more: object = {}) =>
  (
    await call(
      addPerson,
      { body: { givenName, familyName: 'Vance', phone: '555-0142', ...more } },
      { base },
    )
  ).id;

const build = async (base: string, name: string, beats: ReturnType<typeof beat>[], more = {}) =>
  (
    await call(
      createCadence,
      { body: { name, rounds: null, gapDays: 30, beats, ...more } },
      { base },
    )
  ).id;

const putOn = async (base: string, cadenceId: string, ids: string[]) => {
  const { clock } = await call(health, {}, { base });
  await call(enrol, { body: { cadenceId, who: { ids }, startOn: clock.today } }, { base });
};

test('from the pattern book to the desk, a few people each day', async ({ page, penpal }) => {
  for (const name of ['Ana', 'Bo', 'Cy', 'Di']) await add(penpal.url, name);
  await page.goto('/');
  await goTo(page, 'Pattern book');
  await page.getByLabel('Days and words of Past clients').click();
  await expect(page.getByText(/touches in three ways/).first()).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Take a copy of Past clients' }).click();
  await expect(page.getByLabel('Name')).toHaveValue('Past clients, month by month');

  // Beats move along the line of days by keys: with Shift by a week.
  const second = page.getByRole('button', { name: 'Beat 2, social word day 31' });
  await second.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: 'Beat 2, social word day 37' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Day of beat 2')).toHaveValue('37');
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: 'Enroll people' }).click();

  await page.getByRole('radio', { name: 'A few each day' }).click();
  await page.getByLabel('Begin on each working day').fill('1');
  await expect(page.getByText(/The last of them begin/)).toBeVisible();
  await expect(page.getByText('Everybody has what it needs.')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Enroll 4 people' }).click();
  await expect(page.getByText('Enrolled 4 people in Past clients, month by month')).toBeVisible();
  expect((await call(getDesk, {}, { base: penpal.url })).items).toHaveLength(1);
});

test('a beat is dragged along the line of days', async ({ page, penpal }) => {
  const id = await build(penpal.url, 'Two', [beat(0), beat(30, 'text')]);
  await page.goto(`${penpal.url}/cadences/${id}`);
  const handle = page.getByRole('button', { name: /^Beat 2, text/ });
  const { x, y, width } = (await handle.boundingBox())!;
  await page.mouse.move(x + width / 2, y + 20);
  await page.mouse.down();
  await page.mouse.move(x + width / 2 - 60, y + 20, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Beat 2, text day 31' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Beat 2, text day (\d|1\d|2\d)$/ })).toBeVisible();
});

test('a running cadence: what changes for how many is told before saving, and can be taken back', async ({
  page,
  penpal,
}) => {
  const ids = [await add(penpal.url, 'Ana'), await add(penpal.url, 'Bo')];
  const id = await build(penpal.url, 'Two', [beat(0), beat(30, 'text')]);
  await putOn(penpal.url, id, ids);
  await page.goto(`${penpal.url}/cadences/${id}`);
  await page.getByRole('button', { name: 'Change beat 2' }).click();
  await page.getByLabel('Day of beat 2').fill('51');
  await expect(
    page.getByText(/^For 2 of 2 people on it, in the coming year: \d+ moved/),
  ).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Earlier versions' }).click();
  await page.getByRole('button', { name: 'Take back version 1' }).click();
  await expect(page.getByRole('button', { name: 'Beat 2, text day 31' })).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Enroll people' })).toBeVisible();
  const { beats } = await call(getCadence, { params: { id } }, { base: penpal.url });
  expect(beats[1]!.timing).toEqual({ on: 'after', days: 30 });

  await page.getByRole('button', { name: 'Who is on it' }).click();
  await page.getByRole('button', { name: 'Pause all' }).click();
  await page.getByRole('button', { name: 'Pause 2 people' }).click();
  await expect(page.getByText('2 people, 2 paused')).toBeVisible();
  await page.getByRole('button', { name: 'Resume all' }).click();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Carry on' }).click();
  await expect(page.getByText('2 people', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Switch it off' }).click();
  await expect(page.getByText('Switched off', { exact: true })).toBeVisible();
});

test('days of the year and of the person are built, and what is no day is said', async ({
  page,
  penpal,
}) => {
  await page.goto(`${penpal.url}/cadences/new`);
  await page.getByLabel('Name').fill('Their days');
  await page.getByRole('button', { name: 'Add a beat' }).click();
  await page.getByLabel('How beat 1 is timed').selectOption({ label: 'around their own date' });
  await page.getByLabel('Days of beat 1').fill('10');
  await page.getByRole('button', { name: 'Add a beat' }).click();
  await page.getByLabel('How beat 2 is timed').selectOption({ label: 'a day of the year' });
  await page.getByLabel('Month of beat 2', { exact: true }).selectOption({ label: 'February' });
  await page.getByLabel('Day of the month of beat 2').fill('31');
  await expect(
    page.getByText('Beat 2 is meant for a day that does not exist: February has 29 days.'),
  ).toBeVisible();
  await page.getByLabel('How beat 2 is timed').selectOption({ label: 'a weekday of a month' });
  await page.getByLabel('Month of beat 2', { exact: true }).selectOption({ label: 'November' });
  await expect(page.getByText('Year after year')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const { cadences } = await call(listCadences, {}, { base: penpal.url });
  expect(cadences[0]!.beats.map(({ timing }) => timing.on)).toEqual(['around', 'weekday']);
});

test('the letter rota: begun, on the desk, and somebody new joins by themselves', async ({
  page,
  penpal,
}) => {
  for (const familyName of ['Abel', 'Bell', 'Marsh', 'Quane', 'Sato', 'Stone'])
    await add(penpal.url, 'Sam', { familyName });
  const id = await build(penpal.url, 'By letter', [beat(0)]);
  await page.goto(`${penpal.url}/cadences/${id}`);
  // What comes in meanwhile moves the button on a slow machine, and a press between is none.
  await expect(async () => {
    if (!page.url().includes('/rota'))
      await page.getByRole('button', { name: 'Call by initials' }).click({ timeout: 5_000 });
    expect(page.url()).toContain('/rota');
  }).toPass();
  await expect(page.getByRole('heading', { name: /6 people in 13 weeks/ })).toBeVisible();
  await expect(page.getByText(/S alone is 2 people/)).toBeVisible();
  await page.getByRole('button', { name: 'Split S' }).click();
  await expect(page.getByText(/Sa–S/).first()).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Begin the rota' }).click();
  await expect(page.getByText(/calls by initials, 6 people taken in/)).toBeVisible();
  await expect(page.getByText(/^This week: /)).toBeVisible();
  await goTo(page, 'Desk');
  await expect(page.getByText(/^This week A/)).toBeVisible();
  await add(penpal.url, 'Sam', { familyName: 'Zorn' });
  await page.goto(`${penpal.url}/cadences/rota?id=${id}`);
  await expect(page.getByRole('heading', { name: /7 people in 13 weeks/ })).toBeVisible();
});

test('what if: tried beside what is, then made so, then undone', async ({ page, penpal }) => {
  for (let i = 0; i < 9; i++) await add(penpal.url, `P${i}`, { circleId: INNER });
  await call(saveSettings, { body: { capacity: 1, graceDays: 1 } }, { base: penpal.url });
  await page.goto('/');
  await goTo(page, 'Ahead');
  await expect(page.getByRole('heading', { name: /You can keep all but/ })).toBeVisible();
  await page.getByLabel('Inner, every').fill('120');
  await page.getByLabel('Touches a working day').fill('9');
  await expect(page.getByText(/would run out, instead of/)).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Make it so', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'You can keep all 9 promises' })).toBeVisible();
  await expect(page.getByText('Changed your days, 1 promise')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: /You can keep all but/ })).toBeVisible();
  // The gentlest change that was found is made in one press.
  await page
    .getByRole('button', { name: /^Make it so: / })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'You can keep all 9 promises' })).toBeVisible();
  await page.getByRole('radio', { name: '52 weeks' }).click();
  await expect(page.getByText('The next 52 weeks')).toBeVisible();
  await expectNoViolations(page);
});

test('who lacks a phone is mended while enrolling, or swapped to another way on the desk', async ({
  page,
  penpal,
}) => {
  await add(penpal.url, 'Ana', { phone: '' });
  await add(penpal.url, 'Bo', { phone: '', email: 'bo@example.com' });
  await build(penpal.url, 'Calls', [beat(0)]);
  await page.goto(`${penpal.url}/enrol`);
  await expect(page.getByText('2 people lack something it needs')).toBeVisible();
  await page.getByLabel('Their phone number: Ana Vance').fill('555-0150');
  await page.getByRole('button', { name: 'Keep for Ana Vance' }).click();
  await expect(page.getByText('1 person lacks something it needs')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Enroll 2 people' }).click();
  await expect(page.getByText('No phone for Bo Vance.')).toBeVisible();
  await page.getByRole('button', { name: 'E-mail Bo Vance instead' }).click();
  await expect(page.getByRole('heading', { name: 'E-mails, 1' })).toBeVisible();

  await page.getByRole('button', { name: 'Log Ana Vance' }).click();
  await page.getByRole('button', { name: 'Add what you learnt' }).click();
  await page.getByLabel('Tags, one after another').fill('sailing, choir');
  await page.getByLabel('A date: what it is').fill('Baby due');
  await page.getByRole('textbox', { name: 'and when', exact: true }).fill('2027-03-14');
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Reached', exact: true }).click();
  await expect(page.getByText('Ana Vance: reached')).toBeVisible();
  const { rows } = await call(listPeople, { query: { text: 'Ana' } }, { base: penpal.url });
  const sheet = await call(getPerson, { params: { id: rows[0]!.id } }, { base: penpal.url });
  expect(sheet.tags.toSorted()).toEqual(['choir', 'sailing']);
  expect(sheet.fields.dates).toEqual([{ name: 'Baby due', on: '2027-03-14' }]);

  await page.goto(`${penpal.url}/people/${sheet.id}`);
  await page.getByRole('button', { name: 'Pause Calls' }).click();
  await expect(page.getByText(/^Calls, paused/)).toBeVisible();
  await page.getByRole('button', { name: 'Resume Calls' }).click();
  await page.getByRole('button', { name: 'Catch up' }).click();
  await expect(page.getByText(/^Calls, since/)).toBeVisible();
});

test('kinds of touch are set up, and the day goes by it', async ({ page, penpal }) => {
  await page.goto(`${penpal.url}/kinds`);
  await page.getByLabel('Most a day, call').fill('1');
  await page.getByLabel('A call takes').fill('20');
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Save call' }).click();
  await expect(page.getByText('Changed your settings')).toBeVisible();
  const ids = [await add(penpal.url, 'Ana'), await add(penpal.url, 'Bo')];
  await putOn(penpal.url, await build(penpal.url, 'Calls', [beat(0)]), ids);
  await goTo(page, 'Desk');
  await page.reload();
  await expect(page.getByText('about 20 min')).toBeVisible();
  await expect(page.getByText('1 touch moved from today to later days.')).toBeVisible();
});
