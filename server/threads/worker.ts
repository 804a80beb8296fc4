import { parentPort, workerData, type MessagePort } from 'node:worker_threads';

import { JOBS, type JobName } from '@/core/jobs';

import { receiveParts, sendParts, type Parted } from './parts';
import type { Message } from './threads';

// The whole of a thread: one job, its steps, its answer.
const { name, port } = workerData as { name: JobName; port: MessagePort };
const send = (message: Message) => parentPort!.postMessage(message);

parentPort!.on('message', (input: Parted) => {
  const output = JOBS[name](atOnce(receiveParts(input, port)) as never, (step: number) =>
    send({ step }),
  );
  send({ output: atOnce(sendParts(output, port)) });
});

function atOnce<T>(steps: Generator<void, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
