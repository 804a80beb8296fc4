import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import nodemailer from 'nodemailer';

import { call } from '@/contract/call';
import {
  makeSigningKey,
  saveMail,
  saveMailbox,
  tryCarrier,
  type MailboxSetup,
} from '@/contract/carriers';
import { getMessage, listInbound, pollNow, writeMessage } from '@/contract/messages';
import { addPerson, getPerson } from '@/contract/people';
import { peersMissing, startPeers } from '@/testing/peers';
import { startServer, type ServerProcess } from '@/testing/process';

const missing = peersMissing();
if (missing) console.warn(`Debian’s mail programs are left out: ${missing}.`);
const withPeers = missing ? describe.skip : describe;

type Peers = Awaited<ReturnType<typeof startPeers>>;

/** The product in a process of its own, against Debian's Postfix, Dovecot and OpenDKIM. */
withPeers('real mail programs', () => {
  let peers: Peers;
  let server: ServerProcess;
  let dir: string;
  beforeAll(async () => {
    peers = await startPeers();
    dir = await mkdtemp(join(tmpdir(), 'penpal-peered-'));
    server = await startServer(['--data', dir, '--port', '0'], {
      NODE_EXTRA_CA_CERTS: peers.certificate,
    });
  }, 120_000);
  afterAll(async () => {
    await server?.end('SIGTERM');
    await peers?.close();
    if (dir) await rm(dir, { recursive: true, force: true });
  });

  const at = () => ({ base: server.url });
  const mailbox = (change: Partial<MailboxSetup> = {}, secret = 'harbor') =>
    call(
      saveMailbox,
      {
        body: {
          setup: {
            host: 'localhost',
            user: 'owner',
            protocol: 'imap',
            security: 'tls',
            port: peers.imaps,
            ...change,
          },
          secret,
        },
      },
      at(),
    );
  const trial = (kind: 'mail' | 'mailbox') => call(tryCarrier, { params: { kind } }, at());
  const person = async (email: string) =>
    (await call(addPerson, { body: { givenName: email.split('@')[0]!, email } }, at())).id;
  const write = async (personId: string, words: string) =>
    (
      await call(
        writeMessage,
        { body: { personId, kind: 'email', subject: '', words, itemKey: null } },
        at(),
      )
    ).id;
  const message = (id: string) => call(getMessage, { params: { id } }, at());
  /** Looks into the mailbox until something is so. */
  const until = async (isSo: () => Promise<boolean>) => {
    for (let looks = 0; looks < 60; looks++) {
      await call(pollNow, {}, at());
      if (await isSo()) return;
      await new Promise((done) => setTimeout(done, 250));
    }
    throw new Error('It never came to that.');
  };

  test('Postfix takes mail over a safe line, and Dovecot is read, by IMAP and POP3, with the right password only', async () => {
    const setup = {
      host: 'localhost',
      port: peers.smtp,
      security: 'starttls' as const,
      user: '',
      fromAddress: 'marisol@example.com',
      fromName: 'Marisol Quane',
      perMinute: 1000,
      perDay: 1000,
    };
    await call(saveMail, { body: { setup, secret: '' } }, at());
    expect(await trial('mail')).toMatchObject({ works: true });
    const ways: [string, Partial<MailboxSetup>][] = [
      ['IMAP, TLS from the start', {}],
      ['IMAP, STARTTLS', { security: 'starttls', port: peers.imap }],
      ['POP3, TLS', { protocol: 'pop3', port: peers.pop3s }],
    ];
    for (const [name, way] of ways) {
      await mailbox(way, 'wrong');
      expect([name, await trial('mailbox')]).toEqual([
        name,
        { works: false, outcome: 'The mailbox does not take the user or the password.' },
      ]);
      await mailbox(way);
      expect([name, (await trial('mailbox')).works]).toEqual([name, true]);
    }
  });

  test('OpenDKIM verifies what is signed with the key that was made here', async () => {
    const signing = await call(makeSigningKey, {}, at());
    const ana = await person('ana@example.org');
    await write(ana, 'Signed, with an umlaut: Grüße.');
    let mail: string | undefined;
    await until(async () => {
      mail = (await peers.kept()).find((one) => /^To: ana@example.org/m.test(one));
      return mail !== undefined;
    });
    expect(mail).toMatch(/^DKIM-Signature: /m);
    expect(await peers.verify(mail!, signing)).toMatch(/verification .* succeeded/);
    const altered = mail!.replace('Signed', 'Forged');
    expect(altered).not.toBe(mail);
    expect(await peers.verify(altered, signing)).toMatch(/verification .* failed/);
  });

  test.each([
    ['imap', {}],
    ['pop3', { protocol: 'pop3' }],
  ] as const)('an answer through Postfix is read by %s and is a touch', async (name, change) => {
    await mailbox({ ...change, port: name === 'pop3' ? peers.pop3s : peers.imaps });
    await call(pollNow, {}, at());
    const email = `rosa.${name}@example.org`;
    const rosa = await person(email);
    const id = await write(rosa, 'How is the garden?');
    await until(async () => (await message(id)).state === 'sent');
    const hand = nodemailer.createTransport({
      host: '127.0.0.1',
      port: peers.smtp,
      ignoreTLS: true,
    });
    await hand.sendMail({
      from: email,
      to: 'marisol@example.com',
      subject: 'Re: How is the garden?',
      inReplyTo: `<${id}@example.com>`,
      text: '.The quince is out!\n.\nGrüße',
    });
    hand.close();
    await until(async () => (await message(id)).outcome === 'answered');
    const sheet = await call(getPerson, { params: { id: rosa } }, at());
    expect(sheet.touches.map(({ outcome }) => outcome)).toContain('reached');
    const { incoming } = await call(listInbound, { query: {} }, at());
    expect(incoming.find(({ from }) => from === email)!.words).toBe(
      '.The quince is out!\n.\nGrüße',
    );
  });

  test('what Postfix bounces stops the address; what it puts off stops nothing', async () => {
    await mailbox();
    await call(pollNow, {}, at());
    const [gone, full] = [await person('gone@example.org'), await person('full@example.org')];
    const [bounced, late] = [await write(gone, 'Are you there?'), await write(full, 'And you?')];
    await until(async () => (await message(bounced)).outcome === 'bounced');
    const { stopped } = await call(listInbound, { query: {} }, at());
    expect(stopped).toMatchObject([
      { address: 'gone@example.org', why: expect.stringContaining('no such user') },
    ]);
    await new Promise((done) => setTimeout(done, 1_500));
    await peers.flush();
    await until(async () =>
      (await call(listInbound, { query: {} }, at())).incoming.some(
        ({ verdict, words }) => verdict === 'report' && words.includes('full@example.org'),
      ),
    );
    expect((await message(late)).outcome).toBe('');
  });

  test('refused at the door: for good it is stopped, for now it is tried again', async () => {
    const nobody = await write(await person('nobody@example.org'), 'Anybody?');
    expect(await message(nobody)).toMatchObject({ state: 'failed', remedy: 'address' });
    const grey = await write(await person('grey@example.org'), 'Later?');
    expect(await message(grey)).toMatchObject({
      state: 'ready',
      why: expect.stringContaining('Greylisted'),
    });
  });
});
