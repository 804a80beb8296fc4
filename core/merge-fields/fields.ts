/** Where a merge field comes from, in the order in which they are offered. */
export const FIELD_GROUPS = ['person', 'home', 'occasion', 'owner', 'own'] as const;
export type FieldGroup = (typeof FIELD_GROUPS)[number];

export interface MergeField {
  key: string;
  label: string;
  group: FieldGroup;
}

const field =
  (group: FieldGroup) =>
  (key: string, label: string): MergeField => ({ key, label, group });
const person = field('person');
const home = field('home');
const occasion = field('occasion');
const owner = field('owner');

/** The merge fields that everybody has; own fields and what subjects know of a person come beside them. */
export const MERGE_FIELDS: readonly MergeField[] = [
  person('first_name', 'first name'),
  person('last_name', 'last name'),
  person('name', 'whole name'),
  person('company', 'company'),
  person('job', 'job'),
  person('phone', 'phone'),
  person('email', 'e-mail'),
  person('street', 'street'),
  person('city', 'city'),
  person('place', 'place'),
  person('birthday', 'birthday'),
  home('home_names', 'first names of the home'),
  home('home_name', 'name of the home'),
  home('partner', 'partner'),
  home('children', 'children'),
  home('pets', 'pets'),
  occasion('day', 'day'),
  occasion('years', 'years'),
  occasion('occasion', 'occasion'),
  occasion('whose', 'whose day it is'),
  occasion('cadence', 'cadence'),
  owner('my_name', 'my name'),
  owner('my_first_name', 'my first name'),
  owner('my_company', 'my company'),
  owner('my_phone', 'my phone'),
  owner('my_email', 'my e-mail'),
  owner('my_address', 'my address'),
  owner('signature', 'signature'),
];

const LABELS = new Map(MERGE_FIELDS.map(({ key, label }) => [key, label]));

/** What a field is called, for people. */
export const fieldLabel = (key: string): string => LABELS.get(key) ?? key.replaceAll('_', ' ');

/** The merge field of an own field: "Loan until" is {{ loan_until }}. */
export const ownFieldName = (name: string): string =>
  name
    .normalize('NFD')
    .toLowerCase()
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '');
