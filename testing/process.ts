import { spawn, type ChildProcess } from 'node:child_process';

export interface ServerProcess {
  url: string;
  child: ChildProcess;
  /** Ends it and waits until it is gone. */
  end(signal: NodeJS.Signals): Promise<void>;
}

export interface Ended {
  code: number | null;
  output: string;
}

// In one file, as the product runs it (testing/server-setup.js makes it): starting is several times
// faster than from the sources.
const COMMAND = [process.env.PENPAL_TEST_SERVER!, '--api-only'];

type Env = Record<string, string>;

function spawnServer(args: readonly string[], env: Env = {}) {
  const child = spawn(process.execPath, [...COMMAND, ...args], {
    env: {
      ...process.env,
      PENPAL_IMAGE: process.env.PENPAL_TEST_IMAGE,
      PENPAL_DATABASE_URL: undefined,
      NODE_OPTIONS: undefined,
      ...env,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const said = { text: '' };
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => (said.text += chunk.toString()));
  const gone = new Promise<number | null>((done) => child.once('exit', done));
  return { child, said, gone };
}

/** A real server in a process of its own, with PGlite in a directory unless `env` says otherwise; answers when it is ready. */
export async function startServer(args: readonly string[], env?: Env): Promise<ServerProcess> {
  const { child, said, gone } = spawnServer(args, env);
  const url = await new Promise<string>((done, fail) => {
    child.stdout.on('data', () => {
      const match = /ready at (\S+)/.exec(said.text);
      if (match) done(match[1]!);
    });
    void gone.then((code) => fail(new Error(`It ended with ${code}: ${said.text}`)));
  });
  return {
    url,
    child,
    end: async (signal) => {
      child.kill(signal);
      await gone;
    },
  };
}

/** A check of a backup whose asker goes at once; its exit code. */
export async function checkForNobody(file: string, scratchIn: string): Promise<number | null> {
  const child = spawn(
    process.execPath,
    [...COMMAND.slice(0, 1), 'check', file, '--data', scratchIn],
    {
      env: { ...process.env, NODE_OPTIONS: undefined },
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    },
  );
  child.disconnect();
  return new Promise((done) => child.once('exit', done));
}

/** A server that is killed so many milliseconds after it was begun, ready or not. */
export async function killStart(args: readonly string[], afterMs: number): Promise<void> {
  const { child, gone } = spawnServer(args);
  await new Promise((done) => setTimeout(done, afterMs));
  child.kill('SIGKILL');
  await gone;
}

/** A server that is expected not to start: what it said, and its exit code. */
export async function failToStart(args: readonly string[], env?: Env): Promise<Ended> {
  const { said, gone } = spawnServer(args, env);
  return { code: await gone, output: said.text.trim() };
}
