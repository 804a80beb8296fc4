import { call } from '@/contract/call';
import type { CallInput } from '@/contract/endpoint';
import { exportPeople } from '@/contract/exports';

/** A file of people as a browser gets it: prepared, then fetched. */
export async function exportFile(
  base: string,
  body: NonNullable<CallInput<typeof exportPeople>['body']>,
) {
  const { path, ...told } = await call(exportPeople, { body }, { base });
  const response = await fetch(base + path);
  if (!response.ok) throw new Error(`${path}: ${response.status}`);
  return { ...told, content: await response.text(), headers: response.headers };
}
