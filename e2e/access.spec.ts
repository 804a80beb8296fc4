import { spawnSync } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';

import { expect, expectNoViolations, DAY, startPenPal, test as base } from './penpal';

const PASSPHRASE = 'harbor lantern oatmeal bridge';

async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  const { port } = server.address() as AddressInfo;
  await new Promise((done) => server.close(done));
  return port;
}

/** A Pen Pal that others can reach: its owner has set a passphrase in the terminal. */
const test = base.extend({
  // eslint-disable-next-line no-empty-pattern -- Playwright wants the pattern
  penpal: async ({}, use) => {
    const penpal = await startPenPal(DAY, async (data) => {
      const input = `${PASSPHRASE}\n${PASSPHRASE}\n`;
      spawnSync(process.execPath, ['dist/server/main.mjs', 'passphrase', '--data', data], {
        input,
      });
      const port = await freePort();
      return ['--port', String(port), '--origin', `http://127.0.0.1:${port}`];
    });
    await use(penpal);
    await penpal.stop();
  },
});

test('the owner signs in, sees the devices, and ends one; what was typed there outlives it', async ({
  page,
  browser,
  penpal,
}) => {
  await page.goto('/');
  await page.getByText('Type your passphrase').waitFor();
  await expectNoViolations(page);
  await page.getByLabel('Passphrase', { exact: true }).fill('something else entirely');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('That is not the passphrase.')).toBeVisible();
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await page.getByLabel('Passphrase', { exact: true }).press('Enter');
  await expect(page.getByText('Type your passphrase')).toBeHidden();

  const elsewhere = await (await browser.newContext({ baseURL: penpal.url })).newPage();
  await elsewhere.goto('/people/add');
  await elsewhere.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await elsewhere.getByRole('button', { name: 'Sign in' }).click();
  await expect(elsewhere.getByText('Type your passphrase')).toBeHidden();
  const line = elsewhere.getByRole('textbox').first();
  await line.fill('Rosa Lind');

  await page.goto('/safety');
  await page.getByText('Signed-in devices').waitFor();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Sign out all others' }).click();
  await expect(page.getByRole('button', { name: 'Sign out all others' })).toBeHidden();

  // The other device is asked again at the next thing it wants, and has lost nothing.
  await elsewhere.getByRole('button', { name: 'Add', exact: true }).click();
  await elsewhere.getByText('Type your passphrase').waitFor();
  await elsewhere.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await elsewhere.getByRole('button', { name: 'Sign in' }).click();
  await expect(elsewhere.getByText('Type your passphrase')).toBeHidden();
  await expect(line).toHaveValue(/Rosa Lind/);

  await page.getByRole('button', { name: 'Sign out this device' }).click();
  await page.getByText('Type your passphrase').waitFor();
});
