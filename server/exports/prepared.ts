import { LRUCache } from 'lru-cache';

import { notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';

/** A file that can be fetched; it is written while it is read. */
export interface Prepared {
  fileName: string;
  mime: string;
  parts(): AsyncIterable<string>;
}

/** So many wait to be fetched, the latest. */
const KEPT = 20;

const waiting = new WeakMap<Context, LRUCache<string, Prepared>>();

/** Keeps a file ready; answers its id. */
export function prepare(ctx: Context, file: Prepared): string {
  const files = waiting.get(ctx) ?? new LRUCache<string, Prepared>({ max: KEPT });
  waiting.set(ctx, files);
  const id = newId();
  files.set(id, file);
  return id;
}

/** @throws Refusal when it was forgotten, or never was */
export function findPrepared(ctx: Context, id: string): Prepared {
  const file = waiting.get(ctx)?.get(id);
  if (!file) throw notFound('This file is not there any more. Export it again.');
  return file;
}
