import { isCarried, takesTexts } from '@/core/people';

import { invalid } from '../../api';
import { liveTexts } from '../../carriers';
import { newId } from '../../db';
import type { Carrier, Channel, SendContext } from '../../delivery';

/** Text messages over the owner's gateway. */
export const text: Channel = {
  name: 'text',
  nouns: { one: 'text', many: 'texts' },
  consent: 'text',
  touch: 'text',
  has: { subject: false, html: false, files: false },
  allAddresses: ({ phones }) => phones.map(({ value }) => value),
  // The phone that they carry.
  addresses({ phones }, suppressed) {
    const usable = phones.filter(({ value }) => !suppressed.has(value.toLowerCase()));
    const [first] = [...usable.filter(({ label }) => isCarried(label)), ...usable].filter(
      ({ label }) => takesTexts(label),
    );
    return first ? [first.value] : [];
  },
  noAddress: ({ name }) => `No phone for ${name}.`,
  noCarrier: 'No text gateway is set up.',
  finish: (content, context) => ({ ...content, words: introduced(content.words, context) }),
  preview: () => '',
  manualAtOnce: false,
  lateHours: 4,
  // A gateway knows a text by its id and takes it once (docs/carriers.md).
  afterCrash: 'send again',
  repair: (why) => ({
    kind: 'other',
    words: `Their number takes no texts (${why}). Ask for the one they use.`,
  }),
  async trial(ctx, { settings: { ownerPhone: to } }, { words }) {
    const texts = await liveTexts(ctx);
    if (!texts) throw invalid('No text gateway is set up.');
    if (!to) throw invalid('Give your own phone number under Carriers first.');
    return { result: await texts.carrier.send({ id: newId(), to, words }), to };
  },
  async carrier(ctx, sql): Promise<TextCarrier | null> {
    const texts = await liveTexts(ctx, sql);
    if (!texts) return null;
    const { carrier, setup } = texts;
    return {
      perMinute: setup.perMinute,
      perDay: setup.perDay,
      concurrency: 8,
      ownNumber: setup.ownNumber,
      refOf: (id) => id,
      send: ({ id, addresses: [to = ''], words }) => carrier.send({ id, to, words }),
    };
  },
};

interface TextCarrier extends Carrier {
  /** Whether readers know the number that texts come from. */
  ownNumber: boolean;
}

/** A text from a number that nobody knows says who writes. */
function introduced(words: string, { settings, carriers }: SendContext): string {
  const { ownerName } = settings;
  const [first = ''] = ownerName.split(' ');
  const ownNumber = (carriers.get('text') as TextCarrier | null | undefined)?.ownNumber ?? true;
  const said = ownNumber || !first || words.toLowerCase().includes(first.toLowerCase());
  return said || words === '' ? words : `This is ${ownerName}. ${words}`;
}
