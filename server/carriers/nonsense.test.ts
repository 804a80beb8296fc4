import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';

import { MailCarrier } from './mail';

const servers: Server[] = [];
const lines = new Set<Socket>();
afterEach(async () => {
  for (const line of lines) line.destroy();
  for (const server of servers.splice(0)) await new Promise((done) => server.close(done));
});

/** A server that does with a line what the test wants; every line of it can be cut at the end. */
async function serverThat(answer: (socket: Socket) => void): Promise<MailCarrier> {
  const server = createServer((socket) => {
    lines.add(socket);
    socket.on('error', () => {});
    answer(socket);
  });
  servers.push(server);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return new MailCarrier(
    {
      host: '127.0.0.1',
      port: (server.address() as AddressInfo).port,
      security: 'none',
      user: '',
      fromAddress: 'marisol@example.com',
      fromName: 'Marisol Quane',
      resolver: '',
      perMinute: 60,
      perDay: 400,
    },
    {},
  );
}

const EMAIL = {
  id: '01900000-0000-7000-8000-000000000001',
  to: ['rosa@example.com'],
  subject: 'Tea?',
  text: 'Tea?',
  html: '',
  files: [],
  optOut: null,
};

/** Speaks SMTP so far, each line after a while, until `at` is said, which it answers otherwise. */
const speaks =
  (at: string, otherwise: (socket: Socket) => void, afterMs = 0) =>
  (socket: Socket) => {
    let inData = false;
    const say = (line: string) => setTimeout(() => socket.write(`${line}\r\n`), afterMs);
    say('220 slow.example.net');
    socket.on('data', (bytes) => {
      for (const line of bytes.toString().split('\r\n').filter(Boolean)) {
        if (inData && line !== '.') continue;
        const verb = line === '.' ? 'END' : line.split(/[ :]/)[0]!.toUpperCase();
        if (verb === at) {
          otherwise(socket);
          return;
        }
        inData = verb === 'DATA';
        if (verb === 'QUIT') return void socket.end('221 Bye\r\n');
        say(verb === 'DATA' ? '354 Go on' : '250 OK');
      }
    });
  };

test.each([
  [
    'says something else',
    (socket: Socket) => void socket.write('HTTP/1.1 400 Bad Request\r\n\r\n'),
  ],
  ['hangs up at once', (socket: Socket) => void socket.destroy()],
  ['says garbage at the recipient', speaks('RCPT', (socket) => socket.write('\0\x01?!\r\n'))],
  ['hangs up at the sender', speaks('MAIL', (socket) => socket.destroy())],
  ['closes for now', speaks('EHLO', (socket) => socket.end('421 Closing\r\n'))],
])('a server that %s is asked again later', async (_, answer) => {
  const carrier = await serverThat(answer);
  expect(await carrier.send(EMAIL)).toMatchObject({ as: 'later' });
  carrier.close();
});

test('garbage after the words have gone leaves doubt, or time to ask again; never that it was taken', async () => {
  const carrier = await serverThat(speaks('END', (socket) => socket.end('What?\r\n')));
  expect((await carrier.send(EMAIL)).as).toMatch(/^(unclear|later)$/);
  carrier.close();
});

test('a slow server takes it all the same', async () => {
  const carrier = await serverThat(speaks('NEVER', () => {}, 200));
  expect(await carrier.send(EMAIL)).toMatchObject({ as: 'taken' });
  carrier.close();
});

test('a server that refuses the words for good refuses only them, not the address', async () => {
  const carrier = await serverThat(
    speaks('END', (socket) => socket.write('554 5.7.1 This looks like spam\r\n')),
  );
  expect(await carrier.send(EMAIL)).toEqual({
    as: 'refused',
    words: 'The mail server said: 554 5.7.1 This looks like spam',
    noSuchAddress: false,
  });
  carrier.close();
});
