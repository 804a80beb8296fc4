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

/**
 * In threads: each job has one to itself, which is simply ended when it is told to stop. One that is
 * done waits for the next job, because a thread that has just begun is slow.
 */
export function inThreads(script: string): Threads {
  let idle: Worker | null = null;
  const ended = new WeakSet<Worker>();
  const take = (): Worker => {
    const worker = idle ?? begin();
    idle = null;
    worker.ref();
    return worker;
  };
  const begin = (): Worker => {
    const worker = new Worker(script);
    return worker
      .on('error', () => {})
      .on('exit', () => {
        ended.add(worker);
        if (idle === worker) idle = null;
      });
  };
  const leave = (worker: Worker) => {
    if (ended.has(worker)) return;
    if (idle) return void worker.terminate();
    worker.unref();
    idle = worker;
  };
  return {
    async run(name, input, { signal, onStep } = {}) {
      if (signal?.aborted) throw new Stopped();
      const worker = take();
      const { port1: port, port2 } = new MessageChannel();
      const output = answerOf(worker, signal, onStep);
      try {
        const sending = inTurns(sendParts(input, port));
        // Whoever stops it need not wait until all is sent.
        const parted = await Promise.race([sending, output.then(() => sending)]);
        const task: Task = { name, input: parted, port: port2 };
        worker.postMessage(task, [port2]);
        return (await inTurns(receiveParts(await output, port))) as never;
      } finally {
        port.close();
        if (signal?.aborted) void worker.terminate();
        else leave(worker);
      }
    },
  };
}

/** What the thread answers; it is ended when it is told to stop. */
const answerOf = (
  worker: Worker,
  signal: AbortSignal | undefined,
  onStep: ((n: number) => void) | undefined,
): Promise<Parted> =>
  new Promise((resolve, reject) => {
    const stop = () => {
      reject(new Stopped());
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
      signal?.removeEventListener('abort', stop);
      worker.off('message', hear).off('error', fail).off('exit', fail);
    };
    signal?.addEventListener('abort', stop, { once: true });
    worker.on('message', hear).on('error', fail).on('exit', fail);
  });
