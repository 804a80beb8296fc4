import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

import { DAY, DEMO, freshData } from './penpal';

/**
 * Before the first journey: the data that they begin with, so that none waits for another's. It is
 * kept for one run.
 */
export default async function prepare(): Promise<() => Promise<void>> {
  const dir = await mkdtemp(join(tmpdir(), 'penpal-e2e-first-'));
  process.env.PENPAL_E2E_FIRST = dir;
  await freshData(DAY);
  await freshData(DEMO);
  return () => rm(dir, { recursive: true, force: true });
}
