import { fork, type ChildProcess } from 'node:child_process';
import { fileURLToPath } from 'node:url';

import { SMTPServer } from 'smtp-server';

// A mail server in a process of its own, so that it takes nothing of what is measured. It reads each message
// to its end and keeps only whom it was for.

/** Run by itself: listens, says where, answers "state", and begins to count anew at "reset". */
function serve(): void {
  const taken = new Map<string, number>();
  let [count, firstAt, lastAt] = [0, 0, 0];
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    onAuth: (_auth, _session, done) => done(null, { user: 'owner' }),
    onData: (stream, { envelope }, done) => {
      stream.on('end', () => {
        const to = envelope.rcptTo[0]?.address ?? '';
        taken.set(to, (taken.get(to) ?? 0) + 1);
        count += 1;
        lastAt = performance.now();
        if (count === 1) firstAt = lastAt;
        done();
      });
      stream.resume();
    },
  });
  server.listen(0, '127.0.0.1', () => {
    const { port } = server.server.address() as { port: number };
    process.send?.({ port });
  });
  process.on('message', (asked) => {
    if (asked === 'reset') {
      taken.clear();
      count = 0;
    }
    const twice = [...taken.values()].filter((n) => n > 1).length;
    process.send?.({ count, twice, ms: lastAt - firstAt } satisfies PeerState);
  });
}

export interface PeerState {
  /** How many messages it took, and how many addresses it took more than one for. */
  count: number;
  twice: number;
  /** Milliseconds from the first to the last. */
  ms: number;
}

export interface Peer {
  port: number;
  state(): Promise<PeerState>;
  /** Counts from here on. */
  reset(): Promise<PeerState>;
  end(): void;
}

export async function startPeer(): Promise<Peer> {
  const child: ChildProcess = fork(fileURLToPath(import.meta.url), ['serve'], {
    execArgv: ['--import', 'tsx'],
  });
  const hear = <T>() => new Promise<T>((done) => child.once('message', (said) => done(said as T)));
  const { port } = await hear<{ port: number }>();
  // One question after the other, so that each hears its own answer.
  let last: Promise<unknown> = Promise.resolve();
  const ask = (what: 'state' | 'reset'): Promise<PeerState> => {
    const mine = last.then(() => {
      const heard = hear<PeerState>();
      child.send(what);
      return heard;
    });
    last = mine;
    return mine;
  };
  return {
    port,
    state: () => ask('state'),
    reset: () => ask('reset'),
    end: () => void child.kill(),
  };
}

if (process.argv[2] === 'serve') serve();
