import { heldBack, type Consents } from '@/core/people';
import { channelOf } from '@/core/touches';

/** What would let a message go that does not; empty where nothing would. */
export type Remedy = 'address' | 'consent' | 'words' | 'carrier';

export interface Obstacle {
  why: string;
  remedy: Remedy;
}

export interface Sending {
  kind: 'email' | 'text';
  name: string;
  /** Where it would go. */
  addresses: readonly string[];
  /** Those of the person's addresses to which nothing goes any more, with the reason. */
  stopped: readonly { address: string; why: string }[];
  consent: Consents;
  /** It goes by itself: whoever was not asked may have to be asked first. */
  automatic: boolean;
  needsYes: boolean;
  /** What of the words can't be filled in, in a sentence. */
  wordFault: string | null;
  hasCarrier: boolean;
}

const WAY = { email: 'e-mail', text: 'phone' } as const;

/** What keeps a message from going, the first that the owner would remedy; null where nothing does. */
export function obstacleTo(sending: Sending): Obstacle | null {
  const { kind, name, addresses, stopped, consent, automatic, needsYes, wordFault, hasCarrier } =
    sending;
  // A no counts first: whoever gave it is not asked for an address.
  const no = heldBack(consent, channelOf(kind), automatic && needsYes);
  if (no) return { why: no, remedy: 'consent' };
  if (addresses.length === 0) {
    const [back] = stopped;
    return {
      why: back ? `${back.address} came back: ${back.why}` : `No ${WAY[kind]} for ${name}.`,
      remedy: 'address',
    };
  }
  if (wordFault) return { why: wordFault, remedy: 'words' };
  if (!hasCarrier)
    return {
      why: kind === 'email' ? 'No mail server is set up.' : 'No text gateway is set up.',
      remedy: 'carrier',
    };
  return null;
}
