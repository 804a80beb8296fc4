import type { DeliveryResult } from '@/server/carriers';
import type { Channel, DeliveryRequest, Outgoing } from '@/server/delivery';

/** A parcel service for tests: what it took, and what it says to each parcel. */
export const parcels = {
  taken: [] as Outgoing[],
  /** Waited for before a parcel is taken. */
  gate: Promise.resolve() as Promise<unknown>,
  answer: (_: Outgoing): DeliveryResult => ({ as: 'taken', ref: 'P' }),
  isSetUp: true,
  reset() {
    Object.assign(parcels, {
      taken: [],
      gate: Promise.resolve(),
      answer: () => ({ as: 'taken', ref: 'P' }),
      isSetUp: true,
    });
  },
};

/** A parcel that Pen Pal sends on the demo's first day. */
export const parcelRequest = (personId: string, key: string, words: string): DeliveryRequest => ({
  key: `parcel:${key}`,
  personId,
  channel: 'parcel',
  subject: '',
  words,
  cadence: 'Honey',
  beatId: null,
  itemKey: '',
  automatic: true,
  on: '2026-11-23',
});

/** A third channel, beside those that Pen Pal has: gifts that go by parcel. */
export const parcelChannel: Channel = {
  name: 'parcel',
  nouns: { one: 'parcel', many: 'parcels' },
  consent: 'post',
  touch: 'gift',
  has: { subject: false, html: false, files: false },
  allAddresses: ({ addresses }) => addresses.map(({ line, city }) => `${line}, ${city}`),
  addresses: ({ addresses: [first] }, suppressed) => {
    const to = first && `${first.line}, ${first.city}`;
    return to && !suppressed.has(to.toLowerCase()) ? [to] : [];
  },
  noAddress: ({ name }) => `No address for ${name}.`,
  noCarrier: 'No parcel service is set up.',
  preview: () => '',
  manualAtOnce: true,
  lateHours: null,
  afterCrash: 'send again',
  repair: (why) => ({ kind: 'call', words: `Their address is wrong (${why}).` }),
  carrier: async () =>
    parcels.isSetUp
      ? {
          perMinute: null,
          perDay: null,
          concurrency: 4,
          refOf: (id) => id,
          send: async (parcel) => {
            await parcels.gate;
            const result = parcels.answer(parcel);
            if (result.as === 'taken') parcels.taken.push(parcel);
            return result;
          },
        }
      : null,
};
