import { constants, setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';

import { JOBS } from '@/core/jobs';
import { need } from '@/core/need';

import { receiveParts, sendParts } from './parts';
import type { Message, Task } from './threads';

// Whoever asks goes first. On Linux this is about the thread alone; elsewhere it would be about the process.
if (process.platform === 'linux') setPriority(constants.priority.PRIORITY_LOW);

// The whole of a thread: a job, its steps, its answer, and the next job.
const send = (message: Message) => need(parentPort).postMessage(message);

need(parentPort).on('message', async ({ name, input, port }: Task) => {
  try {
    const given = atOnce(receiveParts(input, port)) as never;
    const output = await JOBS[name](given, (step: number) => send({ step }));
    send({ output: atOnce(sendParts(output, port)) });
  } catch (error) {
    send({ error });
  }
});

function atOnce<T>(steps: Generator<void, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
