import { readImportFile, type FileToRead, type FileResult } from './intake';
import type { PersonFields } from './people';
import {
  leastCapacity,
  outlook,
  proposals,
  type LeastCapacity,
  type Outlook,
  type OutlookTask,
  type Proposal,
  type ProposalsTask,
} from './planner';
import { findSame, traitsOf, type Known, type Pair } from './same';
import { SOURCES } from './sources';

/** Told how far it is. */
type OnStep = (n: number) => void;

/** Computations that take long enough to be done in a thread of their own; plain values in and out. */
export const JOBS = {
  outlook: (task: OutlookTask, onStep: OnStep): Outlook => outlook(task, SOURCES, onStep),
  least: ({ people, options }: OutlookTask, onStep: OnStep): LeastCapacity =>
    leastCapacity(people, { ...options, sources: SOURCES }, onStep),
  proposals: (task: ProposalsTask, onStep: OnStep): Proposal[] => proposals(task, SOURCES, onStep),
  /** Everybody who may be here twice. */
  findSame: ({ people }: { people: readonly Known[] }): Pair[] => findSame(people),
  /**
   * Reads a file; with those who are here, also says who of it is one of them. Both in one go: thousands
   * of people take a second to cross between threads.
   */
  readFile: async ({
    present,
    ...file
  }: FileToRead & { present: readonly Known[] | null }): Promise<
    FileResult & { pairs?: Pair[] }
  > => {
    const read = await readImportFile(file);
    if (!read.ok || !present) return read;
    const incoming = read.file.people.map(({ fields }) => fields);
    return { ...read, pairs: doubles({ present, incoming }) };
  },
  findDoubles: doubles,
};

/** Who of those coming in is here already, or comes in twice: they go by {@link incomingId}. */
function doubles({
  present,
  incoming,
}: {
  present: readonly Known[];
  incoming: readonly PersonFields[];
}): Pair[] {
  const known = incoming.map((fields, i) => ({ id: incomingId(i), traits: traitsOf(fields) }));
  return findSame([...present, ...known], new Set(known.map(({ id }) => id)));
}

/** What somebody who comes in is called by until they have an id: their place in the list. */
export const incomingId = (place: number): string => `row ${place}`;

export type JobName = keyof typeof JOBS;
export type JobInput<N extends JobName> = Parameters<(typeof JOBS)[N]>[0];
export type JobOutput<N extends JobName> = Awaited<ReturnType<(typeof JOBS)[N]>>;
