import { parentPort, workerData } from 'node:worker_threads';

import { JOBS, type JobName } from '@/core/jobs';

import type { Message } from './threads';

// The whole of a thread: one job, its steps, its answer.
const send = (message: Message) => parentPort!.postMessage(message);
const { name, input } = workerData as { name: JobName; input: never };
send({ output: JOBS[name](input, (step: number) => send({ step })) });
