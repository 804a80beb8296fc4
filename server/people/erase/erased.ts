import { appendFile, readFile } from 'node:fs/promises';
import { join } from 'node:path';

import { gone } from '../../db';

const fileIn = (dataDir: string) => join(dataDir, 'erased');

/**
 * Notes beside the data, before it happens, that somebody is erased: only their id, which says nothing.
 * So whoever was erased is erased again when an older backup is restored.
 */
export async function noteErased(dataDir: string | null, id: string): Promise<void> {
  if (!dataDir) return;
  await appendFile(fileIn(dataDir), `${id}\n`, { mode: 0o600, flush: true } as object);
}

export async function erasedIn(dataDir: string | null): Promise<string[]> {
  if (!dataDir) return [];
  const text = (await readFile(fileIn(dataDir), 'utf8').catch(gone)) ?? '';
  // A line that was cut off by a power cut is no id.
  return text.split('\n').filter((line) => /^[0-9a-f-]{36}$/.test(line));
}
