import type { Logger } from 'pino';

import type { Topic } from '@/contract/topics';

import type { Guard } from './guard';
import type { Clock } from './clock';
import { apartFromRequest, type Db } from './db';
import type { House } from './house';
import type { Keys } from './keys';
import type { Threads } from './threads';

/** What every action may use. */
export interface Context {
  db: Db;
  clock: Clock;
  house: House;
  /** Where heavy computation is done. */
  threads: Threads;
  /** The script by which emails are sent in a thread of its own; null to send them in place. */
  mailWorker: string | null;
  /** Who may come in. */
  guard: Guard;
  keys: Keys;
  log: Logger;
  /** Where PGlite keeps its data; null in memory and on a server. */
  dataDir: string | null;
  /** The server's own script, for work in a process of its own; null where there is none. */
  script: string | null;
  demo: boolean;
  /** Where readers of messages reach it; null where nobody outside can. */
  outsideUrl: string | null;
  version: string;
  schema: number;
  /** Work that nobody waits for. */
  background: Background;
  /** What was written lately. */
  writes: Writes;
  /** Requests that are being answered at this moment. */
  inFlight: number;
}

/** Work that nobody waits for, and whether it is time to end it. */
export class Background {
  private readonly controller = new AbortController();
  private readonly pending = new Set<Promise<unknown>>();

  /** Aborted once Pen Pal is stopping: nothing new is begun. */
  get stopping(): AbortSignal {
    return this.controller.signal;
  }

  /** Runs work until it is over; it handles its own failures. */
  run(work: () => Promise<unknown>): void {
    const running = apartFromRequest(work);
    this.pending.add(running);
    void running.finally(() => this.pending.delete(running));
  }

  /** Begins nothing new, and waits for what is under way. */
  async stop(): Promise<void> {
    this.controller.abort();
    while (this.pending.size > 0) await Promise.allSettled([...this.pending]);
  }
}

/** The people whose plans something can change. */
export type Plans = readonly string[] | 'everybody' | 'nobody';

/** Writes of which it is remembered whom they were about. */
const REMEMBERED = 200;

/** Counts writes: what was computed from the data is valid while the count stands still. */
export class Writes {
  revision = 0;
  private readonly recent: { revision: number; people: readonly string[] | 'everybody' }[] = [];

  private readonly counts = new Map<Topic, number>();

  /** Says that what these topics are about has changed. */
  bumpTopics(topics: readonly Topic[]): void {
    for (const topic of topics) this.counts.set(topic, this.countOf(topic) + 1);
  }

  /** Changes whenever something of the topic was written. */
  countOf(topic: Topic): number {
    return this.counts.get(topic) ?? 0;
  }

  /** Says that the data has changed, for the plans of these people. */
  markStale(people: Plans): void {
    if (people === 'nobody' || people.length === 0) return;
    this.revision += 1;
    this.recent.push({ revision: this.revision, people });
    if (this.recent.length > REMEMBERED) this.recent.shift();
  }

  /** Whose plans changed since a revision; null when that is everybody's, or not known any more. */
  since(revision: number): string[] | null {
    const later = this.recent.filter((write) => write.revision > revision);
    if (later.length < this.revision - revision) return null;
    const ids = new Set<string>();
    for (const { people } of later) {
      if (people === 'everybody') return null;
      for (const id of people) ids.add(id);
    }
    return [...ids];
  }
}
