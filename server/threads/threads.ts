import { MessageChannel, Worker, type MessagePort } from 'node:worker_threads';

import { JOBS, type JobInput, type JobName, type JobOutput } from '@/core/jobs';

import { inTurns } from './in-turns';
import { receiveParts, sendParts, type Parted } from './parts';

interface Options {
  signal?: AbortSignal;
  /** Told how far it is. */
  onStep?: (n: number) => void;
}

/** Does heavy computation away from the requests; can be told to stop. */
export interface Threads {
  run<N extends JobName>(name: N, input: JobInput<N>, options?: Options): Promise<JobOutput<N>>;
}

/** What a thread is given to do; its long lists came through the port before. */
export interface Task {
  name: JobName;
  input: Parted;
  port: MessagePort;
}

/** What a thread sends. */
export type Message = { step: number } | { output: Parted } | { error: unknown };

/** Stopped before it was done. */
export class Stopped extends Error {}

/** In this very process: for development and tests, where nothing is built. */
export const inPlace: Threads = {
  async run(name, input, { signal, onStep } = {}) {
    await new Promise(setImmediate);
    if (signal?.aborted) throw new Stopped();
    return JOBS[name](input as never, onStep ?? (() => {})) as never;
  },
};

/** Too much is being worked out at once for one more, or one takes too long. */
export class Busy extends Error {}

/** Jobs done at once. Two, so that a short one need not wait for a long one; each takes memory of its own. */
const AT_ONCE = 2;
/** So many wait for their turn; further ones are refused. */
const MOST_WAITING = 200;
/** A job that takes longer is ended, so that it holds up nobody for good. */
const LONGEST_MS = 600_000;

/**
 * In threads, of which there are a few: jobs take turns, in the order in which they came. One that is
 * told to stop is ended with its thread. A thread whose job is done waits for the next one, because
 * one that has just begun is slow.
 *
 * @throws Busy where too many wait already; Stopped
 */
export function inThreads(script: string, longestMs = LONGEST_MS): Threads {
  const turns = new Turns();
  const idle: Worker[] = [];
  const ended = new WeakSet<Worker>();
  const take = (): Worker => {
    const worker = idle.pop() ?? begin();
    worker.ref();
    return worker;
  };
  const begin = (): Worker => {
    const worker = new Worker(script);
    return worker
      .on('error', () => {})
      .on('exit', () => {
        ended.add(worker);
        const at = idle.indexOf(worker);
        if (at >= 0) idle.splice(at, 1);
      });
  };
  const leave = (worker: Worker) => {
    if (ended.has(worker)) return;
    // One is kept: an idle thread holds the memory that its largest job took.
    if (idle.length > 0) return void worker.terminate();
    worker.unref();
    idle.push(worker);
  };
  return {
    async run(name, input, { signal, onStep } = {}) {
      await turns.wait(signal);
      if (signal?.aborted) {
        turns.next();
        throw new Stopped();
      }
      const worker = take();
      const { port1: port, port2 } = new MessageChannel();
      const tooLong = AbortSignal.timeout(longestMs);
      const stop = signal ? AbortSignal.any([signal, tooLong]) : tooLong;
      const output = answerOf(worker, stop, onStep);
      try {
        const sending = inTurns(sendParts(input, port));
        // Whoever stops it need not wait until all is sent.
        const parted = await Promise.race([sending, output.then(() => sending)]);
        const task: Task = { name, input: parted, port: port2 };
        worker.postMessage(task, [port2]);
        return (await inTurns(receiveParts(await output, port))) as never;
      } finally {
        port.close();
        if (stop.aborted) void worker.terminate();
        else leave(worker);
        turns.next();
      }
    },
  };
}

/** Who waits for a thread. */
class Turns {
  private running = 0;
  private readonly waiting = new Set<() => void>();

  async wait(signal?: AbortSignal): Promise<void> {
    if (this.running < AT_ONCE) return void (this.running += 1);
    if (this.waiting.size >= MOST_WAITING)
      throw new Busy('Too much is being worked out at once. Try again in a moment.');
    await new Promise<void>((resolve, reject) => {
      const leave = () => {
        this.waiting.delete(begin);
        reject(new Stopped());
      };
      const begin = () => {
        signal?.removeEventListener('abort', leave);
        resolve();
      };
      this.waiting.add(begin);
      signal?.addEventListener('abort', leave, { once: true });
    });
  }

  /** One is done: whoever has waited longest takes its place. */
  next(): void {
    const [begin] = this.waiting;
    if (!begin) return void (this.running -= 1);
    this.waiting.delete(begin);
    begin();
  }
}

/** What the thread answers; it is ended when it is told to stop. */
const answerOf = (
  worker: Worker,
  signal: AbortSignal,
  onStep: ((n: number) => void) | undefined,
): Promise<Parted> =>
  new Promise((resolve, reject) => {
    const stop = () => {
      const tooLong = (signal.reason as Error).name === 'TimeoutError';
      reject(tooLong ? new Busy('This took too long and was ended.') : new Stopped());
      void worker.terminate();
    };
    const hear = (message: Message) => {
      if ('step' in message) return onStep?.(message.step);
      rest();
      if ('output' in message) resolve(message.output);
      else reject(message.error as Error);
    };
    const fail = () => {
      rest();
      reject(new Error('The computation ended without an answer.'));
    };
    const rest = () => {
      signal.removeEventListener('abort', stop);
      worker.off('message', hear).off('error', fail).off('exit', fail);
    };
    signal.addEventListener('abort', stop, { once: true });
    worker.on('message', hear).on('error', fail).on('exit', fail);
  });
