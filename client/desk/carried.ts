import { useRead } from '@/client/api';
import { listOutbox } from '@/contract/messages';
import type { TouchKind } from '@/core/touches';

/** Whether Pen Pal itself can send a touch of this kind. */
export function useCarried(kind: TouchKind): boolean {
  const sendable = kind === 'email' || kind === 'text';
  const out = useRead(listOutbox, {}, { keepPrevious: true, enabled: sendable }).data;
  return sendable && (out?.carriers[kind] ?? false);
}
