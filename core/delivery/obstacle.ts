import { heldBack, type Channel, type Consents } from '@/core/people';

/** What would let a delivery go that is held. */
export type Remedy = 'address' | 'consent' | 'words' | 'carrier' | 'days';

export interface Obstacle {
  why: string;
  remedy: Remedy;
}

export interface Sending {
  /** What the person must not have said no to. */
  channel: Channel;
  consent: Consents;
  /** Pen Pal sends it: people who were never asked may have to be asked first. */
  automatic: boolean;
  needsYes: boolean;
  /** Where it would go. */
  addresses: readonly string[];
  /** Said where there is no such address. */
  noAddress: string;
  /** Addresses of the person's that nothing is sent to any more, with the reason. */
  suppressed: readonly { address: string; why: string }[];
  /** What of the words can't be filled in, in a sentence. */
  wordFault: string | null;
  /** Said where nothing is set up that takes it; null where something is. */
  noCarrier: string | null;
}

/** What keeps a delivery from going, the first that the owner would fix; null where nothing does. */
export function obstacleTo(sending: Sending): Obstacle | null {
  const { channel, consent, automatic, needsYes, addresses, suppressed } = sending;
  // A no counts first: nobody who gave one is asked for an address.
  const no = heldBack(consent, channel, automatic && needsYes);
  if (no) return { why: no, remedy: 'consent' };
  if (addresses.length === 0) {
    const [back] = suppressed;
    const why = back ? `${back.address} came back: ${back.why}` : sending.noAddress;
    return { why, remedy: 'address' };
  }
  if (sending.wordFault) return { why: sending.wordFault, remedy: 'words' };
  if (sending.noCarrier) return { why: sending.noCarrier, remedy: 'carrier' };
  return null;
}
