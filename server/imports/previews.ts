import { LRUCache } from 'lru-cache';

import type { ReadFile } from '@/core/intake';

import { notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import type { Found } from './joining';
import type { FileGiven } from './read';

/** A file that is being looked at before it comes in. */
export interface Preview extends FileGiven {
  id: string;
  file: ReadFile;
  found: Found;
}

/** So many files can be looked at at once, the latest: each takes the room of its people. */
const KEPT = 3;

const open = new WeakMap<Context, LRUCache<string, Preview>>();

/** Keeps a preview, in place of the one that it comes from. */
export function keepPreview(ctx: Context, preview: Omit<Preview, 'id'>, id = newId()): Preview {
  const previews = open.get(ctx) ?? new LRUCache<string, Preview>({ max: KEPT });
  open.set(ctx, previews);
  const kept = { ...preview, id };
  previews.set(id, kept);
  return kept;
}

export const dropPreview = (ctx: Context, id: string): void => void open.get(ctx)?.delete(id);

/** @throws Refusal when it was forgotten, or never was */
export function findPreview(ctx: Context, id: string): Preview {
  const preview = open.get(ctx)?.get(id);
  if (!preview) throw notFound('What was looked at is not kept any more. Choose the file again.');
  return preview;
}
