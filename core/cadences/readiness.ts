import { channelOf, needsOf } from '@/core/touches';

import { isTouch, type Beat } from './cadence';
import { BIRTHDAY, dateNamed, type YearlyDate } from './timing';

/** What beats ask of a person. */
export interface Readable {
  has: Record<'phone' | 'email' | 'address', boolean>;
  /** Channels to which they said no. */
  refused: readonly string[];
  /** Channels on which nothing is sent to them automatically, because they have not given permission. */
  unasked: readonly string[];
  dates: readonly YearlyDate[];
  /** The merge fields; empty or null where there is nothing to fill in. */
  values: Readonly<Record<string, string | number | null | undefined>>;
}

/** A fact of the record with which a lack is mended; null where it takes another way. */
export type Mend = 'phone' | 'email' | 'address' | 'birthday' | 'place' | 'name' | null;

/** What somebody lacks for a cadence. */
export interface Lacking {
  lacks: { words: string; field: Mend }[];
  /** The beats that it keeps from being made as planned. */
  touches: number;
}

const NEED_WORDS = { phone: 'no phone', email: 'no e-mail', address: 'no address' } as const;
const CHANNEL_NO = {
  call: 'said no to calls',
  text: 'said no to texts',
  email: 'said no to e-mail',
  post: 'said no to post',
} as const;
const CHANNEL_UNASKED = {
  call: 'no permission for calls yet',
  text: 'no permission for texts yet',
  email: 'no permission for e-mail yet',
  post: 'no permission for post yet',
} as const;
const FIELD_MENDS: Readonly<Record<string, [words: string, field: Mend]>> = {
  phone: ['no phone', 'phone'],
  email: ['no e-mail', 'email'],
  place: ['no place', 'place'],
  name: ['no name', 'name'],
  first_name: ['no first name', 'name'],
  last_name: ['no family name', 'name'],
};

/**
 * What keeps beats from being made for a person: no way to reach them, a no, no permission for what is
 * sent automatically, a date that is not known, or nothing to fill their words with. Worked out for many people at once: call it with the
 * beats, then with each person. `missingIn` names the merge fields of words that nothing fills.
 */
export function lackingFor(
  beats: readonly Beat[],
  missingIn: (words: string, values: Readable['values']) => readonly string[],
): (person: Readable) => Lacking {
  const asked = beats.map((beat) => ({
    need: isTouch(beat) ? needsOf(beat.kind) : null,
    channel: isTouch(beat) ? channelOf(beat.kind) : null,
    automatic: beat.way === 'auto',
    date: beat.timing.on === 'around' ? beat.timing.date.trim() : null,
    wordings: beat.wordings,
  }));
  return ({ has, refused, unasked, dates, values }) => {
    const lacks = new Map<string, Mend>();
    let touches = 0;
    for (const { need, channel, automatic, date, wordings } of asked) {
      const found: [string, Mend][] = [];
      if (need && !has[need]) found.push([NEED_WORDS[need], need]);
      if (channel && refused.includes(channel)) found.push([CHANNEL_NO[channel], null]);
      else if (channel && automatic && unasked.includes(channel))
        found.push([CHANNEL_UNASKED[channel], null]);
      if (date !== null && !dateNamed(dates, date))
        found.push([`no ${date}`, date.toLowerCase() === BIRTHDAY ? 'birthday' : null]);
      for (const words of wordings)
        for (const field of missingIn(words, values))
          found.push(FIELD_MENDS[field] ?? [`no ${field.replaceAll('_', ' ')}`, null]);
      if (found.length > 0) touches += 1;
      for (const [words, field] of found) lacks.set(words, field);
    }
    return { lacks: [...lacks].map(([words, field]) => ({ words, field })), touches };
  };
}
