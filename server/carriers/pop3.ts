import { connect, isIP, type Socket } from 'node:net';
import { connect as connectTls } from 'node:tls';

const CRLF = '\r\n';
/** The end of an answer of several lines: a dot alone (RFC 1939, section 3). */
const END = Buffer.from('\r\n.\r\n');

export interface Pop3Options {
  host: string;
  port: number;
  tls: boolean;
  /** Milliseconds that the server may say nothing. */
  timeoutMs: number;
  /** A message is kept up to so many bytes. */
  maxBytes: number;
}

/** What a POP3 server refuses, in its words. */
export class Pop3Refusal extends Error {
  constructor(
    words: string,
    private readonly command: string,
  ) {
    super(words);
  }

  /** Whether it is the user or the password that is refused, and not the moment (RFC 2449, 8.1; RFC 3206). */
  get isLogin(): boolean {
    return /^(USER|PASS)$/.test(this.command) && !/^\[(IN-USE|LOGIN-DELAY|SYS)/i.test(this.message);
  }
}

/** RFC 2449, section 4, has lines of 512 bytes; what goes on without an end is no answer. */
const LONGEST_LINE = 8_192;

/**
 * Reads a mailbox by POP3 (RFC 1939), byte for byte: nothing is decoded, changed or deleted.
 * @throws Pop3Refusal where the server refuses, Error where the connection breaks or stays silent
 */
export class Pop3 {
  private received: Buffer[] = [];
  private wake: () => void = () => {};
  private fault: Error | null = null;

  private constructor(
    private readonly socket: Socket,
    private readonly options: Pop3Options,
  ) {
    const end = (error: Error) => {
      this.fault ??= error;
      this.wake();
    };
    socket.setTimeout(options.timeoutMs, () => end(new Error('timeout')));
    socket.on('error', end);
    socket.on('close', () => end(new Error('The server ended the connection.')));
    socket.on('data', (bytes: Buffer) => {
      this.received.push(bytes);
      this.wake();
    });
  }

  /** Connects and logs in. */
  static async open(options: Pop3Options, user: string, password: string): Promise<Pop3> {
    const { host, port, tls } = options;
    const name = isIP(host) ? {} : { servername: host };
    const pop3 = new Pop3(tls ? connectTls({ host, port, ...name }) : connect(port, host), options);
    try {
      await pop3.line('greeting');
      await pop3.command(`USER ${safe(user)}`);
      await pop3.command(`PASS ${safe(password)}`);
      return pop3;
    } catch (error) {
      pop3.close();
      throw error;
    }
  }

  /** The unique id of each message, in the order of their numbers from 1. */
  async ids(): Promise<{ number: string; id: string }[]> {
    const listing = (await this.command('UIDL', true)).toString('latin1');
    return listing.split(CRLF).flatMap((line) => {
      const [number, id] = line.split(' ');
      return number && id ? [{ number, id }] : [];
    });
  }

  /** The bytes of a message, up to the limit. */
  message = (number: string): Promise<Buffer> => this.command(`RETR ${number}`, true);

  async quit(): Promise<void> {
    await this.command('QUIT').catch(() => {});
    this.close();
  }

  private close(): void {
    this.socket.destroy();
  }

  private async command(text: string, isLong = false): Promise<Buffer> {
    this.socket.write(text + CRLF);
    const [name = ''] = text.split(' ');
    await this.line(name);
    return isLong ? this.block() : Buffer.alloc(0);
  }

  /** Reads one line and checks that it is positive. */
  private async line(command: string): Promise<void> {
    for (;;) {
      const all = this.taken();
      const end = all.indexOf(CRLF);
      if (end >= 0) {
        this.received = [all.subarray(end + CRLF.length)];
        const said = all.toString('latin1', 0, end);
        if (!said.startsWith('+OK')) throw new Pop3Refusal(said.replace(/^-ERR\s*/, ''), command);
        return;
      }
      if (all.length > LONGEST_LINE) throw new Error('The server does not speak POP3.');
      await this.more();
    }
  }

  /** Reads to the dot alone; what is beyond the limit is read past. */
  private async block(): Promise<Buffer> {
    const { maxBytes } = this.options;
    // An empty block begins with its end.
    let tail: Buffer = Buffer.from(CRLF);
    const kept: Buffer[] = [];
    let size = 0;
    for (;;) {
      const fresh = this.taken();
      this.received = [];
      const all = Buffer.concat([tail, fresh]);
      const end = all.indexOf(END);
      const upTo = end >= 0 ? end + CRLF.length : Math.max(0, all.length - END.length + 1);
      if (size < maxBytes) kept.push(all.subarray(0, upTo));
      size += upTo;
      if (end >= 0) {
        this.received = [all.subarray(end + END.length)];
        return unstuffed(Buffer.concat(kept).subarray(CRLF.length)).subarray(0, maxBytes);
      }
      tail = all.subarray(upTo);
      await this.more();
    }
  }

  private taken(): Buffer {
    return Buffer.concat(this.received);
  }

  private async more(): Promise<void> {
    if (this.fault) throw this.fault;
    await new Promise<void>((done) => (this.wake = done));
    if (this.fault && this.received.length === 0) throw this.fault;
  }
}

/** A line break within a name or a password would be a command of its own. */
function safe(text: string): string {
  if (/[\r\n]/.test(text)) throw new Pop3Refusal('A line break is not allowed here.', 'PASS');
  return text;
}

/** Takes the dot away that stands before a line that begins with one. */
const unstuffed = (bytes: Buffer): Buffer =>
  Buffer.from(bytes.toString('latin1').replace(/^\.\./gm, '.'), 'latin1');
