import { call } from '@/client/api';
import {
  cancelProposals,
  cancelTrial,
  readProposals,
  readTrial,
  startProposals,
  startTrial,
  type Outlook,
  type Proposal,
  type Trial,
} from '@/contract/planner';

import { useRun, type Runner } from './use-run';

interface Asked {
  trial: Trial;
  weeks: number;
}

const TRIALS: Runner<Asked, { outlook: Outlook }> = {
  start: (body) => call(startTrial, { body }),
  read: (id) => call(readTrial, { params: { id } }),
  cancel: (id) => call(cancelTrial, { params: { id } }),
};

const PROPOSALS: Runner<Asked, { proposals: Proposal[] }> = {
  start: (body) => call(startProposals, { body }),
  read: (id) => call(readProposals, { params: { id } }),
  cancel: (id) => call(cancelProposals, { params: { id } }),
};

/** What a trial would bring; an empty one is none. */
export const useTrial = (trial: Trial, weeks: number) =>
  useRun(TRIALS, Object.keys(trial).length === 0 ? null : { trial, weeks });

/** What would keep every promise that can be kept, on top of a trial; null asks for nothing. */
export const useProposals = (trial: Trial | null, weeks: number) =>
  useRun(PROPOSALS, trial && { trial, weeks });
