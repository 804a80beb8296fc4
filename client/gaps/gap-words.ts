import type { Lack } from '@/contract/filters';
import type { FieldChange } from '@/client/people';
import type { PersonFields } from '@/contract/record';
import { need } from '@/core/need';
import { CHANNELS, NO_ADDRESS, type Channel } from '@/core/people';

/** What an answer is read with. */
interface Asked {
  fields: PersonFields;
  circles: readonly { id: string; name: string }[];
  today: string;
}

interface GapWords {
  /** The worklist: "Without a phone". */
  title: string;
  /** What is asked for one person. */
  ask: string;
  hint: string;
  /** The answer as a change of the record; null when it can't be one yet. */
  toChange: (answer: string, asked: Asked) => FieldChange | null;
}

const text =
  (change: (answer: string, asked: Asked) => FieldChange | null) =>
  (answer: string, asked: Asked): FieldChange | null =>
    answer.trim() === '' ? null : change(answer.trim(), asked);

/** "12 Lantern Row, Port Ellery, 00012": what stands after the first comma is city and code. */
export function readAddressLine(answer: string) {
  const [line = '', city = '', ...rest] = answer.split(',').map((part) => part.trim());
  const code = rest.at(-1) ?? '';
  const found = /^(?:(.*\S)\s+)?([A-Z]{0,2}\d[\w -]*)$/i.exec(code);
  return {
    ...NO_ADDRESS,
    line,
    city,
    region: found ? (found[1] ?? (rest.length > 1 ? need(rest[0]) : '')) : rest.join(', '),
    postalCode: found?.[2] ?? '',
  };
}

const consent = (answer: string, { today }: Asked): FieldChange | null => {
  const said = answer.toLowerCase().split(/\s+/);
  const entries = said.flatMap((word) => {
    const no = word.startsWith('-');
    const name = word.replace(/^[-+]/, '').replace('e-mail', 'email');
    const channel = CHANNELS.find((c) => c === name);
    return channel
      ? [[channel, { answer: no ? 'no' : 'yes', on: today, cameFrom: '' }] as const]
      : [];
  });
  if (entries.length === 0 || entries.length < said.length) return null;
  return { consent: Object.fromEntries(entries) as Record<Channel, never> };
};

export const GAP_WORDS: Record<Lack, GapWords> = {
  name: {
    title: 'Without a name',
    ask: 'Their name',
    hint: 'First and last name',
    toChange: text((answer) => {
      const cut = answer.lastIndexOf(' ');
      return cut < 0
        ? { givenName: answer }
        : { givenName: answer.slice(0, cut), familyName: answer.slice(cut + 1) };
    }),
  },
  phone: {
    title: 'Without a phone',
    ask: 'Their phone number',
    hint: '541-555-0142',
    toChange: text((value) => ({ phones: [{ value, label: '' }] })),
  },
  email: {
    title: 'Without an e-mail address',
    ask: 'Their e-mail address',
    hint: 'rosa@example.com',
    toChange: text((value) => ({ emails: [{ value, label: '' }] })),
  },
  address: {
    title: 'Without an address',
    ask: 'Their address',
    hint: '12 Lantern Row, Port Ellery, 00012',
    toChange: text((answer, { fields }) => {
      const [first] = fields.addresses;
      const read = readAddressLine(answer);
      return { addresses: [{ ...read, place: first?.place ?? '' }, ...fields.addresses.slice(1)] };
    }),
  },
  place: {
    title: 'Without a neighborhood',
    ask: 'Their neighborhood',
    hint: '',
    toChange: text((place, { fields }) => {
      const [first = NO_ADDRESS, ...more] = fields.addresses;
      return { addresses: [{ ...first, place }, ...more] };
    }),
  },
  birthday: {
    title: 'Without a birthday',
    ask: 'Their birthday',
    hint: 'MM-DD or YYYY-MM-DD',
    toChange: text((birthday) => ({ birthday })),
  },
  circle: {
    title: 'In no circle',
    ask: 'Their circle',
    hint: 'The beginning of its name is enough',
    toChange: text((answer, { circles }) => {
      const found = circles.filter(({ name }) =>
        name.toLowerCase().startsWith(answer.toLowerCase()),
      );
      return found.length === 1 ? { circleId: need(found[0]).id } : null;
    }),
  },
  consent: {
    title: 'Not asked for consent',
    ask: 'What they agreed to',
    hint: 'call text email post; -call for a no',
    toChange: text(consent),
  },
};
