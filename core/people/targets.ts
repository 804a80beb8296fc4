/**
 * The columns of a file of people, for import and export alike: what goes out under a name comes
 * back in by it. `headings` are further names, folded and without punctuation, that mean the same.
 */
export const COLUMNS = {
  name: {
    label: 'Full name',
    headings: [
      'name',
      'contact',
      'contact name',
      'client',
      'client name',
      'person',
      'display name',
    ],
  },
  prefix: { label: 'Title', headings: ['prefix', 'salutation', 'name prefix'] },
  givenName: { label: 'First name', headings: ['first', 'given name', 'given', 'forename'] },
  middleName: { label: 'Middle name', headings: ['middle', 'additional name'] },
  familyName: { label: 'Last name', headings: ['last', 'family name', 'family', 'surname'] },
  suffix: { label: 'Suffix', headings: ['name suffix'] },
  goesBy: { label: 'Goes by', headings: ['nickname', 'known as', 'preferred name'] },
  company: {
    label: 'Company',
    headings: ['organization', 'organisation', 'employer', 'firm', 'business', 'organization name'],
  },
  jobTitle: {
    label: 'Work',
    headings: ['job title', 'job', 'profession', 'occupation', 'organization title', 'position'],
  },
  email: {
    label: 'E-mail',
    headings: ['email', 'email address', 'e mail address', 'mail', 'email 1', 'e mail 1 value'],
  },
  emailLabel: { label: 'E-mail label', headings: [] },
  moreEmails: {
    label: 'More e-mails',
    headings: [
      'email 2',
      'email 3',
      'e mail 2',
      'e mail 3',
      'other email',
      'second email',
      'e mail 2 value',
    ],
  },
  phone: {
    label: 'Phone',
    headings: [
      'mobile',
      'cell',
      'telephone',
      'tel',
      'phone number',
      'mobile phone',
      'cell phone',
      'phone 1',
      'phone 1 value',
      'primary phone',
    ],
  },
  phoneLabel: { label: 'Phone label', headings: [] },
  morePhones: {
    label: 'More phones',
    headings: [
      'home phone',
      'work phone',
      'business phone',
      'other phone',
      'phone 2',
      'phone 3',
      'phone 2 value',
    ],
  },
  addressLine: {
    label: 'Street and number',
    headings: [
      'address',
      'street',
      'street address',
      'address 1',
      'address line 1',
      'home address',
      'home street',
      'mailing address',
    ],
  },
  city: { label: 'City', headings: ['town', 'home city', 'mailing city'] },
  region: {
    label: 'State',
    headings: ['region', 'province', 'county', 'home state', 'mailing state'],
  },
  postalCode: {
    label: 'Postal code',
    headings: ['zip', 'zip code', 'postcode', 'post code', 'home postal code', 'mailing zip'],
  },
  country: { label: 'Country', headings: ['home country', 'country region'] },
  place: {
    label: 'Neighborhood',
    headings: ['neighbourhood', 'place', 'area', 'district', 'subdivision'],
  },
  addressLabel: { label: 'Address label', headings: [] },
  lat: { label: 'Latitude', headings: ['lat'] },
  lon: { label: 'Longitude', headings: ['lon', 'lng', 'long'] },
  moreAddresses: { label: 'More addresses', headings: ['properties', 'other addresses'] },
  link: {
    label: 'Web and social',
    headings: ['website', 'web', 'url', 'web page', 'homepage', 'social'],
  },
  birthday: {
    label: 'Birthday',
    headings: ['birth date', 'birthdate', 'date of birth', 'dob', 'born'],
  },
  wedding: { label: 'Wedding day', headings: ['anniversary', 'wedding anniversary', 'wedding'] },
  dates: { label: 'Other dates', headings: ['important dates'] },
  interests: { label: 'Interests', headings: ['interest', 'hobbies', 'hobby'] },
  roles: { label: 'Roles', headings: ['role', 'type', 'relationship'] },
  standing: { label: 'Standing', headings: ['status', 'stage'] },
  source: { label: 'Came from', headings: ['source', 'how we met', 'lead source'] },
  circle: { label: 'Circle', headings: ['closeness', 'tier', 'group'] },
  promise: { label: 'Promise in days', headings: ['promise'] },
  tags: { label: 'Tags', headings: ['tag', 'labels', 'groups', 'keywords', 'categories'] },
  preferred: {
    label: 'Likes to be reached by',
    headings: ['preferred contact method', 'preferred channel'],
  },
  language: { label: 'Language', headings: ['preferred language'] },
  favourite: { label: 'Kept at hand', headings: ['favorite', 'favourite', 'starred'] },
  wouldRefer: { label: 'Would refer me', headings: [] },
  consent: { label: 'Consent', headings: ['consents'] },
  note: { label: 'Last note', headings: ['note', 'comment', 'remarks'] },
  notes: { label: 'Notes', headings: ['comments', 'all notes'] },
  lastTouch: {
    label: 'Last touch',
    headings: ['last contact', 'last contacted', 'last spoke', 'last call'],
  },
} as const satisfies Record<string, { label: string; headings: readonly string[] }>;

export type ColumnKey = keyof typeof COLUMNS;
export const COLUMN_KEYS = Object.keys(COLUMNS) as ColumnKey[];

/** A column of a file: one of ours, or 'own:' with the id of an own field. */
export type ImportTarget = ColumnKey | `own:${string}`;
