import { buildSync } from 'esbuild';
import { mkdtempSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';

import { mailServer, type MailStandIn } from '@/standins';

import { ThreadedMail } from './mail-thread';

// Beside the modules that it needs, which are found from where it is.
const dir = mkdtempSync(resolve('node_modules/.cache/penpal-thread-'));
const script = join(dir, 'mail-worker.mjs');
let mail: MailStandIn;
let threaded: ThreadedMail;
beforeAll(() => {
  buildSync({
    entryPoints: ['server/carriers/mail-worker.ts'],
    bundle: true,
    packages: 'external',
    format: 'esm',
    platform: 'node',
    outfile: script,
  });
});
afterAll(() => rmSync(dir, { recursive: true }));
beforeEach(async () => {
  mail = await mailServer({});
  threaded = new ThreadedMail(
    script,
    {
      host: '127.0.0.1',
      port: mail.smtpPort,
      security: 'none',
      user: 'owner',
      fromAddress: 'marisol@example.com',
      fromName: 'Marisol Quane',
      resolver: '',
      perMinute: 100,
      perDay: 100,
    },
    { password: 'harbor' },
  );
});
afterEach(async () => {
  threaded.close();
  await mail.close();
});

const email = (id: string) => ({
  id,
  to: ['rosa@example.com'],
  subject: 'Tea',
  text: 'Tea?',
  html: '<p>Tea?</p>',
  files: [{ name: 'a.txt', type: 'text/plain', content: Buffer.from('hello') }],
  optOut: null,
});

test('what is handed to the thread arrives whole, with its files, under the id that was said', async () => {
  expect(await threaded.fault()).toBeNull();
  const results = await Promise.all(['1', '2', '3'].map((id) => threaded.send(email(id))));
  expect(results.map(({ as }) => as)).toEqual(['taken', 'taken', 'taken']);
  expect(mail.arrived.map(({ mail: one }) => one.messageId).sort()).toEqual(
    ['1', '2', '3'].map((id) => threaded.messageId(id)),
  );
  expect(mail.arrived[0]!.mail.attachments[0]!.content.toString()).toBe('hello');
});

test('a thread that breaks off leaves what it had in doubt, and takes nothing more', async () => {
  const sending = threaded.send(email('1'));
  threaded.close();
  expect((await sending).as).toBe('unclear');
  expect(threaded.ended).toBe(true);
  expect((await threaded.send(email('2'))).as).toBe('later');
});
