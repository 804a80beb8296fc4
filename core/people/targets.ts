/** The columns of a file of people, for import and export alike: what goes out under a name comes back in by it. */
export const COLUMNS = {
  name: { label: 'Full name' },
  prefix: { label: 'Title' },
  givenName: { label: 'First name' },
  middleName: { label: 'Middle name' },
  familyName: { label: 'Last name' },
  suffix: { label: 'Suffix' },
  goesBy: { label: 'Goes by' },
  company: { label: 'Company' },
  jobTitle: { label: 'Work' },
  email: { label: 'E-mail' },
  emailLabel: { label: 'E-mail label' },
  moreEmails: { label: 'More e-mails' },
  phone: { label: 'Phone' },
  phoneLabel: { label: 'Phone label' },
  morePhones: { label: 'More phones' },
  addressLine: { label: 'Street and number' },
  city: { label: 'City' },
  region: { label: 'State' },
  postalCode: { label: 'Postal code' },
  country: { label: 'Country' },
  place: { label: 'Neighborhood' },
  addressLabel: { label: 'Address label' },
  lat: { label: 'Latitude' },
  lon: { label: 'Longitude' },
  moreAddresses: { label: 'More addresses' },
  link: { label: 'Web and social' },
  birthday: { label: 'Birthday' },
  wedding: { label: 'Wedding day' },
  dates: { label: 'Other dates' },
  interests: { label: 'Interests' },
  roles: { label: 'Roles' },
  standing: { label: 'Standing' },
  source: { label: 'Came from' },
  circle: { label: 'Circle' },
  promise: { label: 'Promise in days' },
  tags: { label: 'Tags' },
  preferred: { label: 'Likes to be reached by' },
  language: { label: 'Language' },
  favourite: { label: 'Kept at hand' },
  wouldRefer: { label: 'Would refer me' },
  consent: { label: 'Consent' },
  note: { label: 'Last note' },
  notes: { label: 'Notes' },
  lastTouch: { label: 'Last touch' },
  touches: { label: 'All touches' },
  ties: { label: 'Ties' },
  work: { label: 'Completed and running work' },
} as const satisfies Record<string, { label: string }>;

export type ColumnKey = keyof typeof COLUMNS;
export const COLUMN_KEYS = Object.keys(COLUMNS) as ColumnKey[];

/** What only comes in: it becomes a tie, work done, a note, or a field of the owner's. */
export const INCOMING = {
  addressLine2: { label: 'Second line of the address' },
  namedDate: { label: 'A date, under the heading' },
  children: { label: 'Children' },
  childBirthday: { label: 'Child’s birthday' },
  pets: { label: 'Pets' },
  partnerName: { label: 'Partner’s name' },
  partnerGivenName: { label: 'Partner’s first name' },
  partnerFamilyName: { label: 'Partner’s last name' },
  partnerEmail: { label: 'Partner’s e-mail' },
  partnerPhone: { label: 'Partner’s phone' },
  partnerBirthday: { label: 'Partner’s birthday' },
  referredBy: { label: 'Referred by' },
  workDone: { label: 'Day of work done' },
  aside: { label: 'A note, under the heading' },
  newField: { label: 'A new field of your own' },
} as const;

export type IncomingKey = keyof typeof INCOMING;
export const INCOMING_KEYS = Object.keys(INCOMING) as IncomingKey[];

/** What a column of a file can fill: a part of a person, or 'own:' with the id of an own field. */
export type ImportTarget = ColumnKey | IncomingKey | `own:${string}`;

/** How one column is used: what it fills and, after an @, which of several ('phone@home') or in which order its days are written ('birthday@dmy'). */
export type ColumnUse = ImportTarget | `${ImportTarget}@${string}`;

/** The two parts of a use. */
export function partsOfUse(use: ColumnUse): { to: ImportTarget; which: string } {
  const at = use.indexOf('@');
  return at < 0
    ? { to: use as ImportTarget, which: '' }
    : { to: use.slice(0, at) as ImportTarget, which: use.slice(at + 1) };
}

export const asUse = (to: ImportTarget, which = ''): ColumnUse => (which ? `${to}@${which}` : to);

/** What a use is called: "Phone (home)". */
export const wordsOfUse = (to: ColumnKey | IncomingKey, which = ''): string => {
  const { label } = to in COLUMNS ? COLUMNS[to as ColumnKey] : INCOMING[to as IncomingKey];
  return which ? `${label} (${which})` : label;
};
