/** The parts of a person that a column can fill. */
export const IMPORT_TARGETS = [
  'name',
  'givenName',
  'familyName',
  'goesBy',
  'company',
  'email',
  'phone',
  'addressLine',
  'city',
  'region',
  'postalCode',
  'place',
  'birthday',
  'roles',
  'tags',
  'circle',
  'source',
  'note',
  'lastTouch',
] as const;
export type ImportTarget = (typeof IMPORT_TARGETS)[number];
