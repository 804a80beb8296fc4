import { createServer, type Server, type Socket } from 'node:net';

/** A mailbox whose mails are read by POP3 (RFC 1939). */
export interface Mailbox {
  user: string;
  password: string;
  mails: { id: string; bytes: Buffer }[];
}

/** Ends a body of several lines: a line that begins with a dot gets one more (RFC 1939, section 3). */
const stuffed = (text: string): string =>
  `${text
    .replace(/\r?\n/g, '\r\n')
    .replace(/^\./gm, '..')
    .replace(/(?:\r\n)?$/, '\r\n')}.\r\n`;

/** Serves one mailbox; nothing is ever deleted from it. */
export function popServer(mailbox: Mailbox): Server {
  return createServer((socket) => {
    let [user, isIn, rest] = ['', false, ''];
    socket.on('error', () => {});
    socket.write('+OK ready\r\n');
    socket.on('data', (chunk) => {
      const lines = (rest + chunk.toString('latin1')).split('\r\n');
      rest = lines.pop()!;
      for (const line of lines) {
        const [command = '', argument = ''] = line.split(/ (.*)/);
        const said = command.toUpperCase();
        if (said === 'USER') [user, isIn] = [argument, false];
        if (said === 'PASS') isIn = user === mailbox.user && argument === mailbox.password;
        answer(socket, mailbox, said, { argument, isIn });
      }
    });
  });
}

function answer(
  socket: Socket,
  { mails }: Mailbox,
  command: string,
  { argument, isIn }: { argument: string; isIn: boolean },
): void {
  const say = (line: string) => socket.write(`${line}\r\n`);
  if (command === 'QUIT') return void socket.end('+OK\r\n');
  if (command === 'USER') return void say('+OK');
  if (command === 'PASS') return void say(isIn ? '+OK' : '-ERR wrong user or password');
  if (command === 'CAPA') return void socket.write('+OK\r\nUSER\r\nUIDL\r\n.\r\n');
  if (!isIn) return void say('-ERR sign in first');
  const mail = mails[Number(argument) - 1];
  const size = mails.reduce((sum, { bytes }) => sum + bytes.length, 0);
  if (command === 'STAT') say(`+OK ${mails.length} ${size}`);
  else if (command === 'UIDL' && !argument)
    socket.write(`+OK\r\n${mails.map(({ id }, i) => `${i + 1} ${id}\r\n`).join('')}.\r\n`);
  else if (command === 'LIST' && !argument)
    socket.write(
      `+OK\r\n${mails.map(({ bytes }, i) => `${i + 1} ${bytes.length}\r\n`).join('')}.\r\n`,
    );
  else if (command === 'RETR' && mail)
    socket.write(Buffer.from(`+OK\r\n${stuffed(mail.bytes.toString('latin1'))}`, 'latin1'));
  else say(command === 'NOOP' ? '+OK' : '-ERR');
}
