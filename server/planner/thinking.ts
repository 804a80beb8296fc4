import { Worker } from 'node:worker_threads';

import { outlook, type Outlook, type OutlookTask } from '@/core/planner';

/** Works out an outlook away from the requests; can be told to stop. */
export interface Thinking {
  outlook(
    task: OutlookTask,
    options?: { signal?: AbortSignal; onStep?: (runs: number) => void },
  ): Promise<Outlook>;
}

/** What a worker says. */
export type Said = { step: number } | { outlook: Outlook };

/** Stopped before it was done. */
class Stopped extends Error {}

/** In this very process: for development and tests, where nothing is built. */
export const inPlace: Thinking = {
  async outlook(task, { signal, onStep } = {}) {
    await new Promise(setImmediate);
    if (signal?.aborted) throw new Stopped();
    return outlook(task, onStep);
  },
};

/** In a thread of its own for each task, which is simply ended when it is told to stop. */
export const inThreads = (script: string): Thinking => ({
  outlook: (task, { signal, onStep } = {}) =>
    new Promise((resolve, reject) => {
      if (signal?.aborted) return reject(new Stopped());
      const worker = new Worker(script, { workerData: task });
      const stop = () => {
        void worker.terminate();
        reject(new Stopped());
      };
      signal?.addEventListener('abort', stop, { once: true });
      worker.on('message', (said: Said) => {
        if ('step' in said) return onStep?.(said.step);
        resolve(said.outlook);
        void worker.terminate();
      });
      worker.on('error', reject);
      worker.on('exit', () => {
        signal?.removeEventListener('abort', stop);
        reject(new Error('The planner ended without an answer.'));
      });
    }),
});
