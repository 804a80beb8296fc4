import { fork, type ChildProcess } from 'node:child_process';
import { fileURLToPath } from 'node:url';

import { SMTPServer } from 'smtp-server';

// A mail server in a process of its own, so that it takes nothing of what is measured. It reads each message
// to its end and keeps only whom it was for.

/** Run by itself: listens, says where, and answers "count" with how many it took and from how many twice. */
function serve(): void {
  const taken = new Map<string, number>();
  let count = 0;
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    onAuth: (_auth, _session, done) => done(null, { user: 'owner' }),
    onData: (stream, { envelope }, done) => {
      stream.on('end', () => {
        const to = envelope.rcptTo[0]?.address ?? '';
        taken.set(to, (taken.get(to) ?? 0) + 1);
        count += 1;
        done();
      });
      stream.resume();
    },
  });
  server.listen(0, '127.0.0.1', () => {
    const { port } = server.server.address() as { port: number };
    process.send?.({ port });
  });
  process.on('message', () =>
    process.send?.({ count, twice: [...taken.values()].filter((n) => n > 1).length }),
  );
}

export interface Peer {
  port: number;
  /** How many messages it took, and how many addresses it took more than one for. */
  state(): Promise<{ count: number; twice: number }>;
  end(): void;
}

export async function startPeer(): Promise<Peer> {
  const child: ChildProcess = fork(fileURLToPath(import.meta.url), ['serve'], {
    execArgv: ['--import', 'tsx'],
  });
  const hear = <T>() => new Promise<T>((done) => child.once('message', (said) => done(said as T)));
  const { port } = await hear<{ port: number }>();
  return {
    port,
    state: () => {
      const heard = hear<{ count: number; twice: number }>();
      child.send('count');
      return heard;
    },
    end: () => void child.kill(),
  };
}

if (process.argv[2] === 'serve') serve();
