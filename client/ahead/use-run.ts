import { useEffect, useState } from 'react';

import type { CallFault } from '@/client/api';

/** How to begin something that takes long, ask how far it is, and call it off. */
export interface Runner<In, Out> {
  start: (asked: In) => Promise<{ id: string }>;
  read: (id: string) => Promise<{ state: 'running'; done: number; of: number } | Done<Out>>;
  cancel: (id: string) => Promise<unknown>;
}
type Done<Out> = { state: 'done' } & Out;

export type RunState<Out> =
  | { state: 'idle' }
  | { state: 'running'; done: number; of: number }
  | Done<Out>
  | { state: 'failed'; message: string };

const PAUSE_MS = 350;
const LOOK_EVERY_MS = 120;

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

/**
 * Works something out a moment after what is asked last changed, tells how far it is, and stops the
 * one before: what is no longer asked for is not worked out to its end. Null asks for nothing.
 */
export function useRun<In, Out>(
  runner: Runner<In, Out>,
  wished: In | null,
): RunState<Out> & { cancel: () => void } {
  const asked = JSON.stringify(wished);
  const [state, setState] = useState<RunState<Out>>({ state: 'idle' });
  const [cancelled, setCancelled] = useState('');
  const run = asked === 'null' || asked === cancelled ? null : asked;
  useEffect(() => {
    let wanted = true;
    let id: string | null = null;
    const follow = async () => {
      await wait(PAUSE_MS);
      if (!wanted || !run) return;
      setState({ state: 'running', done: 0, of: 1 });
      ({ id } = await runner.start(JSON.parse(run) as In));
      while (wanted) {
        const read = await runner.read(id);
        if (!wanted) return;
        setState(read);
        if (read.state === 'done') return;
        await wait(LOOK_EVERY_MS);
      }
    };
    follow().catch((fault: CallFault) => {
      if (wanted) setState({ state: 'failed', message: fault.message });
    });
    return () => {
      wanted = false;
      if (id) void runner.cancel(id).catch(() => {});
    };
  }, [run, runner]);
  return { ...(run ? state : { state: 'idle' }), cancel: () => setCancelled(asked) };
}
