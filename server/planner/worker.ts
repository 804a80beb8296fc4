import { parentPort, workerData } from 'node:worker_threads';

import { outlook, type OutlookTask } from '@/core/planner';

import type { Said } from './thinking';

// The whole of a planning thread: one task, its steps, its answer.
const say = (said: Said) => parentPort!.postMessage(said);
say({ outlook: outlook(workerData as OutlookTask, (step) => say({ step })) });
