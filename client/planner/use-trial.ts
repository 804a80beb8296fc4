import { useEffect, useState } from 'react';

import { call, type CallFault } from '@/client/api';
import { cancelTrial, readTrial, startTrial, type Outlook, type Trial } from '@/contract/planner';

export type TrialState =
  | { state: 'idle' }
  | { state: 'running'; done: number; of: number }
  | { state: 'done'; outlook: Outlook }
  | { state: 'failed'; message: string };

const PAUSE_MS = 350;
const LOOK_EVERY_MS = 120;

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

/**
 * Works out a trial a moment after it last changed, tells how far it is, and stops the one before:
 * what is no longer asked for is not worked out to its end.
 */
export function useTrial(trial: Trial, weeks: number): TrialState & { cancel: () => void } {
  const asked = JSON.stringify(trial);
  const [state, setState] = useState<TrialState>({ state: 'idle' });
  const [cancelled, setCancelled] = useState('');
  const run = asked === '{}' || asked === cancelled ? null : asked;
  useEffect(() => {
    let wanted = true;
    let id: string | null = null;
    const follow = async () => {
      await wait(PAUSE_MS);
      if (!wanted || !run) return;
      setState({ state: 'running', done: 0, of: 1 });
      ({ id } = await call(startTrial, { body: { trial: JSON.parse(run), weeks } }));
      while (wanted) {
        const read = await call(readTrial, { params: { id } });
        if (!wanted) return;
        if (read.state === 'done') return setState({ state: 'done', outlook: read.outlook });
        setState(read);
        await wait(LOOK_EVERY_MS);
      }
    };
    follow().catch((fault: CallFault) => {
      if (wanted) setState({ state: 'failed', message: fault.message });
    });
    return () => {
      wanted = false;
      if (id) void call(cancelTrial, { params: { id } }).catch(() => {});
    };
  }, [run, weeks]);
  return { ...(run ? state : { state: 'idle' }), cancel: () => setCancelled(asked) };
}
