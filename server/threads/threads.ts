import { Worker } from 'node:worker_threads';

import { JOBS, type JobInput, type JobName, type JobOutput } from '@/core/jobs';

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
export type Message = { step: number } | { output: unknown };

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
      const worker = new Worker(script, { workerData: { name, input } });
      const stop = () => {
        void worker.terminate();
        reject(new Stopped());
      };
      signal?.addEventListener('abort', stop, { once: true });
      worker.on('message', (message: Message) => {
        if ('step' in message) return onStep?.(message.step);
        resolve(message.output as never);
        void worker.terminate();
      });
      worker.on('error', reject);
      worker.on('exit', () => {
        signal?.removeEventListener('abort', stop);
        reject(new Error('The computation ended without an answer.'));
      });
    }),
});
