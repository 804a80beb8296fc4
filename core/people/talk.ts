import { need } from '@/core/need';
import {
  daysAgo,
  longDate,
  plural,
  toDayNumber,
  yearlyOn,
  yearlyWords,
  type PlainDate,
} from '@/core/time';

import { TIE_WORDS, type TieSeen } from './ties';

/** A letter that they opened; `link` is where they followed it to, empty where they did not. */
export interface Look {
  subject: string;
  on: PlainDate;
  link: string;
}

/** What is known that a conversation can begin with. */
export interface TalkSource {
  /** Whether they were ever reached: only then is there a last time. */
  reached: boolean;
  /** What was written last. */
  lastWords: { on: PlainDate; words: string } | null;
  /** The latest first. */
  looks: readonly Look[];
  pinned: readonly { on: PlainDate; body: string }[];
  followUps: readonly { on: PlainDate; words: string }[];
  ties: readonly { kind: TieSeen; name: string; birthday: string | null }[];
  birthday: string | null;
  dates: readonly { name: string; on: string }[];
  jobs: readonly { name: string; completedOn: PlainDate | null }[];
  interests: readonly string[];
}

/** One thing to talk about: what it is about, and it in words. */
export interface TalkLine {
  about: string;
  words: string;
}

const DAYS_AHEAD = 30;
const DAYS_BACK = 14;
/** Work completed within so many days is news. */
const DONE_BACK = 60;
const PINNED_SHOWN = 3;

/** What to talk about, the most personal first. */
export function whatToTalkAbout(source: TalkSource, today: PlainDate): TalkLine[] {
  const { lastWords, followUps, pinned, ties, interests } = source;
  const lines: TalkLine[] = [];
  if (lastWords)
    lines.push({
      about: source.reached ? 'Last time' : 'Latest note',
      words: `${lastWords.words} (${daysAgo(lastWords.on, today)})`,
    });
  lines.push(...openedLately(source, today));
  for (const { on, words } of followUps)
    lines.push({
      about: 'Promised',
      words: `${words || 'to come back'}, for ${longDate(on, today)}`,
    });
  for (const { body } of pinned.slice(0, PINNED_SHOWN))
    lines.push({ about: 'Remember', words: body });
  lines.push(...datesNear(source, today));
  lines.push(...referrals(source));
  const family = ties.filter(({ kind }) => kind !== 'referred' && kind !== 'referred_by');
  if (family.length > 0)
    lines.push({
      about: 'Family and friends',
      words: family
        .map(({ kind, name }) => `${name} (${TIE_WORDS[kind].toLowerCase()})`)
        .join(', '),
    });
  lines.push(...justDone(source, today));
  if (interests.length > 0) lines.push({ about: 'Likes', words: interests.join(', ') });
  return lines;
}

const openedLately = ({ looks }: TalkSource, today: PlainDate): TalkLine[] =>
  looks.map(({ subject, on, link }) => ({
    about: 'Opened lately',
    words: `“${subject}”${link ? ` and its link to ${shortLink(link)}` : ''} (${daysAgo(on, today)})`,
  }));

/** An address as people name it: "example.com/rates". */
const shortLink = (link: string): string => link.replace(/^https?:\/\/(www\.)?|\/?([?#].*)?$/g, '');

/** Who sent them, and whom they sent. */
const referrals = ({ ties }: TalkSource): TalkLine[] =>
  (['referred_by', 'referred'] as const).flatMap((kind) => {
    const names = ties.filter((tie) => tie.kind === kind).map(({ name }) => name);
    return names.length > 0 ? [{ about: TIE_WORDS[kind], words: names.join(', ') }] : [];
  });

/** Work that was completed lately. */
const justDone = ({ jobs }: TalkSource, today: PlainDate): TalkLine[] =>
  jobs.flatMap(({ name, completedOn }) => {
    const days = completedOn ? toDayNumber(today) - toDayNumber(completedOn) : -1;
    return days >= 0 && days <= DONE_BACK
      ? [{ about: 'Just done', words: `${name}, completed ${daysAgo(need(completedOn), today)}` }]
      : [];
  });

/** Days of the year that were lately or come soon, the nearest first. */
function datesNear(source: TalkSource, today: PlainDate): TalkLine[] {
  const days = [
    ...(source.birthday ? [{ words: 'Birthday', on: source.birthday }] : []),
    ...source.dates.map(({ name, on }) => ({ words: name, on })),
    ...source.ties.flatMap(({ name, birthday }) =>
      birthday ? [{ words: `${name}’s birthday`, on: birthday }] : [],
    ),
    ...source.jobs.flatMap(({ name, completedOn }) =>
      completedOn ? [{ words: `Anniversary of ${name}`, on: completedOn as string }] : [],
    ),
  ];
  return days
    .flatMap(({ words, on }) => {
      const near = nearest(on, today);
      // The day itself, years ago or days ago, is no anniversary of its own.
      const first = on.length > 5 && near?.year === Number(on.slice(0, 4));
      return near && !first ? [{ words, on, ...near }] : [];
    })
    .sort((a, b) => Math.abs(a.distance) - Math.abs(b.distance))
    .map(({ words, on, distance, year }) => {
      const years = on.length > 5 ? year - Number(on.slice(0, 4)) : 0;
      const count = years > 0 ? `, ${plural(years, 'year')}` : '';
      return {
        about: 'Around now',
        words: `${words} ${when(distance)} (${yearlyWords(on.slice(-5))}${count})`,
      };
    });
}

function nearest(on: string, today: PlainDate): { distance: number; year: number } | null {
  const thisYear = Number(today.slice(0, 4));
  const [month, dayOfMonth] = on.slice(-5).split('-').map(Number);
  for (const year of [thisYear, thisYear + 1, thisYear - 1]) {
    const day = yearlyOn({ month: need(month), day: need(dayOfMonth) }, year);
    const distance = toDayNumber(day) - toDayNumber(today);
    if (distance <= DAYS_AHEAD && distance >= -DAYS_BACK) return { distance, year };
  }
  return null;
}

function when(distance: number): string {
  if (distance === 0) return 'today';
  if (distance === 1) return 'tomorrow';
  if (distance === -1) return 'yesterday';
  return distance > 0 ? `in ${distance} days` : `${-distance} days ago`;
}
