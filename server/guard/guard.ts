import { LRUCache } from 'lru-cache';

import { waitAfter } from '@/core/access';

import type { PassphraseFile } from './passphrase';
import type { Sessions } from './sessions';

/** Names and numbers by which this machine itself is called. */
const OWN_NAMES = ['localhost', '127.0.0.1', '[::1]'];

/** How Pen Pal is reached: what it listens on, and what stands before it. */
export interface Reach {
  host: string;
  /** Addresses by which browsers reach it through a reverse proxy, such as "https://penpal.example.com". */
  origins: readonly string[];
  /** Whose word on where a request came from is taken: addresses as Express's "trust proxy" takes them. */
  proxies: string;
  /** Further names of this machine, when it listens on all of its addresses. */
  machine: readonly string[];
}

/** Reached from this machine alone. */
export const LOOPBACK: Reach = {
  host: '127.0.0.1',
  origins: [],
  proxies: 'loopback',
  machine: [],
};

const isLoopback = (host: string) => /^(localhost|127(\.\d+){3}|::1)$/.test(host);
const isEveryAddress = (host: string) => host === '0.0.0.0' || host === '::';

const inBrackets = (host: string) => (host.includes(':') ? `[${host}]` : host);

/** Whether anybody but this machine's own users can reach it, so that the passphrase is wanted. */
export const isGuarded = ({ host, origins }: Reach): boolean =>
  origins.length > 0 || !isLoopback(host);

/** Whether browsers reach it by https alone. */
export const isSecure = ({ origins }: Reach): boolean =>
  origins.length > 0 && origins.every((origin) => origin.startsWith('https:'));

/** Host names under which requests are answered, so that no foreign name can be pointed at it. */
export const hostsOf = ({ host, origins, machine }: Reach): Set<string> =>
  new Set(
    [
      ...OWN_NAMES,
      ...(isEveryAddress(host) ? machine : [host]).map(inBrackets),
      ...origins.map((origin) => new URL(origin).hostname),
    ].map((name) => name.toLowerCase()),
  );

/** So many places are remembered. */
const MOST_PLACES = 10_000;

/** Wrong tries in a row, by where they came from. */
export class Tries {
  private readonly wrong = new LRUCache<string, { times: number; untilMs: number }>({
    max: MOST_PLACES,
  });

  /** Whole seconds that whoever asks has to wait; 0 for none. */
  secondsToWait(from: string, nowMs: number): number {
    return Math.max(0, Math.ceil(((this.wrong.get(from)?.untilMs ?? 0) - nowMs) / 1_000));
  }

  failed(from: string, nowMs: number): void {
    const times = (this.wrong.get(from)?.times ?? 0) + 1;
    this.wrong.set(from, { times, untilMs: nowMs + waitAfter(times) });
  }

  succeeded(from: string): void {
    this.wrong.delete(from);
  }
}

/** Who may come in: what the walls of the API ask. */
export interface Guard {
  reach: Reach;
  passphrase: PassphraseFile;
  sessions: Sessions;
  tries: Tries;
}
