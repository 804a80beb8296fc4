import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';

import fc from 'fast-check';

import { mailboxFault, readMailbox } from './mailbox';

// RFC 1939: a maildrop of our own that answers byte for byte, in pieces of any size.

interface Maildrop {
  mails: Record<string, Buffer>;
  /** Numbers whose fetching is refused, or at which the line is cut. */
  refused?: string[];
  cutAt?: string;
  pieces?: number;
  /** What is answered to a wrong password. */
  wrong?: string;
}

let server: Server;
afterEach(() => void server.close());

/** Section 3: a line that begins with a dot gets another one before it. */
const stuffed = (bytes: Buffer) => bytes.toString('latin1').replace(/^\./gm, '..');

async function startMaildrop(drop: Maildrop): Promise<number> {
  server = createServer((socket: Socket) => {
    socket.on('error', () => {});
    const say = (text: string) => {
      const bytes = Buffer.from(text, 'latin1');
      const size = drop.pieces ?? bytes.length;
      for (let at = 0; at < bytes.length; at += size) socket.write(bytes.subarray(at, at + size));
    };
    const ids = Object.keys(drop.mails);
    say('+OK ready\r\n');
    let typed = '';
    socket.on('data', (part) => {
      typed += part.toString('latin1');
      for (let end = typed.indexOf('\r\n'); end >= 0; end = typed.indexOf('\r\n')) {
        const [command, argument = ''] = typed.slice(0, end).split(' ');
        typed = typed.slice(end + 2);
        if (command === 'PASS' && argument !== 'harbor')
          say(drop.wrong ?? '-ERR [AUTH] wrong password\r\n');
        else if (command === 'UIDL')
          say(`+OK\r\n${ids.map((id, i) => `${i + 1} ${id}\r\n`).join('')}.\r\n`);
        else if (command === 'RETR' && drop.cutAt === argument) socket.destroy();
        else if (command === 'RETR' && drop.refused?.includes(argument)) say('-ERR damaged\r\n');
        else if (command === 'RETR')
          say(`+OK\r\n${stuffed(drop.mails[ids[Number(argument) - 1]!]!)}.\r\n`);
        else say('+OK\r\n');
      }
    });
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return (server.address() as AddressInfo).port;
}

const read = (port: number, seen: string[] = [], password = 'harbor', failed?: string) =>
  readMailbox(
    { host: '127.0.0.1', port, security: 'none', protocol: 'pop3', user: 'owner' },
    password,
    { seen, ...(failed ? { failed } : {}) },
  );

const mail = (body: string) => Buffer.from(`Subject: x\r\n\r\n${body}\r\n`, 'latin1');

test('every byte arrives as it was sent, dots and bytes that are no UTF-8 as well', async () => {
  const bytes = fc.array(
    fc.oneof(
      fc.integer({ min: 0, max: 255 }).map((n) => String.fromCharCode(n)),
      fc.constantFrom('.', '\r\n.', '\r\n..\r\n', '\r\n.\r\n'),
    ),
    { maxLength: 60 },
  );
  await fc.assert(
    fc.asyncProperty(bytes, fc.integer({ min: 1, max: 40 }), async (parts, pieces) => {
      const sent = mail(parts.join(''));
      const port = await startMaildrop({ mails: { a: sent, b: mail('Yes') }, pieces });
      const { mails } = await read(port);
      server.close();
      expect(mails.map(({ bytes: got }) => got.toString('latin1'))).toEqual([
        sent.toString('latin1'),
        mail('Yes').toString('latin1'),
      ]);
    }),
    { numRuns: 60 },
  );
});

test('a wrong password is said; nothing is read', async () => {
  const port = await startMaildrop({ mails: { a: mail('Yes') } });
  await expect(read(port, [], 'wrong')).rejects.toThrow('wrong password');
});

test.each([
  ['-ERR Go away\r\n', 'The mailbox does not take the user or the password.'],
  [
    '-ERR [IN-USE] maildrop already locked\r\n',
    'The mailbox could not be read: [IN-USE] maildrop already locked',
  ],
  ['x'.repeat(20_000), 'The mailbox could not be read: The server does not speak POP3.'],
])('what a server says to the password is told for what it is: %.30s', async (wrong, sentence) => {
  const port = await startMaildrop({ mails: {}, wrong });
  expect(mailboxFault(await read(port, [], 'wrong').catch((error: unknown) => error))).toBe(
    sentence,
  );
});

test('one that is refused is passed over, and those behind it are read', async () => {
  const port = await startMaildrop({
    mails: { a: mail('1'), b: mail('2'), c: mail('3') },
    refused: ['2'],
  });
  const { mails, place } = await read(port);
  expect(mails.map(({ key }) => key)).toEqual(['pop3:a', 'pop3:c']);
  expect(place).toEqual({ seen: ['a', 'b', 'c'] });
});

test('where the line is cut, reading goes on next time, and past it the time after', async () => {
  const mails = { a: mail('1'), b: mail('2'), c: mail('3') };
  const port = await startMaildrop({ mails, cutAt: '2' });
  const first = await read(port);
  expect([first.mails.length, first.place]).toEqual([1, { seen: ['a'], failed: 'b' }]);
  const second = await read(port, ['a'], 'harbor', 'b');
  expect(second.place).toEqual({ seen: ['a', 'b'] });
  const third = await read(port, ['a', 'b']);
  expect(third.mails.map(({ key }) => key)).toEqual(['pop3:c']);
});

test('a long one is kept up to the limit, and the next one is read behind it', async () => {
  const port = await startMaildrop({
    mails: { a: mail('long line\r\n'.repeat(600_000)), b: mail('Yes') },
  });
  const { mails } = await read(port);
  expect(mails.map(({ bytes }) => bytes.length)).toEqual([5 * 2 ** 20, mail('Yes').length]);
});
