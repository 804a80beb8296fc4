import { MessageChannel, Worker } from 'node:worker_threads';

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

/** What a thread sends. */
export type Message = { step: number } | { output: Parted };

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

/** In a thread of its own for each job, which is simply ended when it is told to stop. */
export const inThreads = (script: string): Threads => ({
  run: (name, input, { signal, onStep } = {}) =>
    new Promise((resolve, reject) => {
      if (signal?.aborted) return reject(new Stopped());
      const { port1: port, port2 } = new MessageChannel();
      const worker = new Worker(script, {
        workerData: { name, port: port2 },
        transferList: [port2],
      });
      const stop = () => {
        void worker.terminate();
        reject(new Stopped());
      };
      signal?.addEventListener('abort', stop, { once: true });
      worker.on('message', (message: Message) => {
        if ('step' in message) return onStep?.(message.step);
        void inTurns(receiveParts(message.output, port)).then((output) => {
          resolve(output as never);
          void worker.terminate();
        }, reject);
      });
      worker.on('error', reject);
      worker.on('exit', () => {
        signal?.removeEventListener('abort', stop);
        port.close();
        reject(new Error('The computation ended without an answer.'));
      });
      inTurns(sendParts(input, port)).then((parted) => worker.postMessage(parted), reject);
    }),
});
