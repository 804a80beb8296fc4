/** One of several: an e-mail address, a phone number, a link. The first of a list is the one used. */
export interface Reach {
  value: string;
  /** 'home', 'work' or any word of the owner's; empty for none. */
  label: string;
  /** An e-mail that is written to besides the first. */
  also?: boolean | undefined;
}

/** A home, an office or a property. The first of a list is the mailing address. */
export interface Address {
  label: string;
  line: string;
  city: string;
  region: string;
  postalCode: string;
  country: string;
  /** The neighbourhood. */
  place: string;
  /** Degrees, where known. */
  lat: number | null;
  lon: number | null;
}

/** A yearly day with a name: 'MM-DD', or 'YYYY-MM-DD' where the year is known. */
export interface NamedDate {
  name: string;
  on: string;
}

export const CHANNELS = ['call', 'text', 'email', 'post'] as const;
export type Channel = (typeof CHANNELS)[number];
export const CHANNEL_WORDS: Record<Channel, string> = {
  call: 'Calls',
  text: 'Texts',
  email: 'E-mail',
  post: 'Post',
};

/** What somebody said about being reached by a channel; not asked is no entry at all. */
export interface Consent {
  answer: 'yes' | 'no';
  /** The day of the answer, 'YYYY-MM-DD'. */
  on: string;
  /** Where it came from: "at the fair", "web form". */
  cameFrom: string;
}
export type Consents = Partial<Record<Channel, Consent>>;

export const WOULD_REFER = ['yes', 'perhaps', 'no'] as const;
export type WouldRefer = (typeof WOULD_REFER)[number];

/** Text, number, money in minor units, 'YYYY-MM-DD', choice, or yes/no. */
export const OWN_TYPES = ['text', 'number', 'money', 'date', 'choice', 'flag'] as const;
export type OwnType = (typeof OWN_TYPES)[number];
export type OwnValue = string | number | boolean;

export interface OwnField {
  id: string;
  name: string;
  type: OwnType;
  choices: string[];
}

/** Everything that is on record about a person and edited on their sheet. */
export interface PersonFields {
  prefix: string;
  givenName: string;
  middleName: string;
  familyName: string;
  suffix: string;
  /** The name they go by, where it is not the given name. */
  goesBy: string;
  company: string;
  jobTitle: string;
  emails: Reach[];
  phones: Reach[];
  addresses: Address[];
  links: Reach[];
  /** 'MM-DD' or 'YYYY-MM-DD'. */
  birthday: string | null;
  dates: NamedDate[];
  interests: string[];
  roles: string[];
  standing: string;
  source: string;
  /** A channel, or empty. */
  preferred: Channel | '';
  language: string;
  favourite: boolean;
  wouldRefer: WouldRefer | null;
  /** The day on which the answer was given. */
  wouldReferOn: string | null;
  /** By id of the field. */
  own: Record<string, OwnValue>;
  consent: Consents;
}

export const NO_ADDRESS: Address = {
  label: '',
  line: '',
  city: '',
  region: '',
  postalCode: '',
  country: '',
  place: '',
  lat: null,
  lon: null,
};

export const NOBODY: PersonFields = {
  prefix: '',
  givenName: '',
  middleName: '',
  familyName: '',
  suffix: '',
  goesBy: '',
  company: '',
  jobTitle: '',
  emails: [],
  phones: [],
  addresses: [],
  links: [],
  birthday: null,
  dates: [],
  interests: [],
  roles: [],
  standing: '',
  source: '',
  preferred: '',
  language: '',
  favourite: false,
  wouldRefer: null,
  wouldReferOn: null,
  own: {},
  consent: {},
};

/** An address as one line, its empty parts left out. */
export function addressWords(a: Address): string {
  const end = [a.region, a.postalCode].filter(Boolean).join(' ');
  return [a.line, a.city, end, a.country].filter(Boolean).join(', ');
}

/** Whether an address says anything at all. */
export const isAddress = (a: Address): boolean =>
  [a.line, a.city, a.region, a.postalCode, a.country, a.place].some(Boolean) || a.lat !== null;

/**
 * Why nothing may go out to somebody by itself; null when it may. A no is never overridden; whether
 * somebody who was not asked may be written to is the owner's choice.
 */
export function heldBack(
  consent: Consents,
  channel: Channel | null,
  needsYes: boolean,
): string | null {
  if (channel === null) return null;
  const answer = consent[channel]?.answer;
  const what = CHANNEL_WORDS[channel].toLowerCase();
  if (answer === 'no') return `They said no to ${what}.`;
  return needsYes && answer !== 'yes' ? `Not asked about ${what} yet.` : null;
}
