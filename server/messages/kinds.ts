import type { MESSAGE_KINDS } from '@/contract/messages';

/** The channels of this subject, which the owner can write by. */
export type MessageKind = (typeof MESSAGE_KINDS)[number];
