import { z } from 'zod';

import {
  CHANNELS,
  OWN_TYPES,
  TIE_KINDS,
  tidyText,
  WOULD_REFER,
  type PersonFields as Fields,
} from '@/core/people';

import { CircleId, Day, Id, PersonId } from './common';

/** Text of up to `max` characters, with stray spaces and control characters tidied away. */
export const Text = (max: number) =>
  z.string().overwrite(tidyText).max(max, `At most ${max} characters.`);

const YearlyDay = z
  .string()
  .regex(/^(\d{4}-)?\d{2}-\d{2}$/, 'Give the day as YYYY-MM-DD or MM-DD.');

const Reach = (max: number) => z.object({ value: Text(max), label: Text(40).default('') });

const Degrees = (most: number) => z.number().min(-most).max(most).nullable().default(null);

export const Address = z.object({
  label: Text(40).default(''),
  line: Text(300).default(''),
  city: Text(120).default(''),
  region: Text(60).default(''),
  postalCode: Text(20).default(''),
  country: Text(60).default(''),
  place: Text(120).default(''),
  lat: Degrees(90),
  lon: Degrees(180),
});

const Consent = z.object({
  answer: z.enum(['yes', 'no']),
  on: Day,
  cameFrom: Text(200).default(''),
});

/** A day of theirs that comes back each year, by its name. */
export const NamedDate = z.object({ name: Text(80).min(1, 'Name the date.'), on: YearlyDay });

/** Everything that is on record about a person; see core/people/record.ts. */
export const PersonFields = z.object({
  prefix: Text(40),
  givenName: Text(120),
  middleName: Text(120),
  familyName: Text(120),
  suffix: Text(40),
  goesBy: Text(120),
  company: Text(200),
  jobTitle: Text(120),
  emails: z.array(Reach(254).extend({ also: z.boolean().optional() })).max(20),
  phones: z.array(Reach(60)).max(20),
  addresses: z.array(Address).max(20),
  links: z.array(Reach(500)).max(20),
  birthday: YearlyDay.nullable(),
  dates: z.array(NamedDate).max(40),
  interests: z.array(Text(80)).max(50),
  roles: z.array(Text(60)).max(20),
  standing: Text(60),
  source: Text(200),
  preferred: z.enum(['', ...CHANNELS]),
  language: Text(40),
  favourite: z.boolean(),
  wouldRefer: z.enum(WOULD_REFER).nullable(),
  wouldReferOn: Day.nullable(),
  own: z.record(z.string(), z.union([z.string().max(2000), z.number(), z.boolean()])),
  consent: z.partialRecord(z.enum(CHANNELS), Consent),
}) satisfies z.ZodType<Fields, unknown>;
export type PersonFields = z.output<typeof PersonFields>;

/** The parts of a person that can be given when adding one; all may be left out. */
export const PersonDraft = PersonFields.partial().extend({
  /** One way to reach them is enough: put before `emails` and `phones`. */
  email: Text(254).optional(),
  phone: Text(60).optional(),
  circleId: CircleId.nullable().optional(),
  tags: z.array(Text(60)).max(50).optional(),
  note: Text(10_000).optional(),
  /** Who sent them. */
  referredBy: PersonId.nullable().optional(),
  /** Whom they are tied to, by name: "sent by" ties to the one person of that name, where there is one. */
  ties: z
    .array(z.object({ kind: z.enum(TIE_KINDS), name: Text(120).min(1) }))
    .max(20)
    .optional(),
});
export type PersonDraft = z.input<typeof PersonDraft>;

/** A field that the owner added to every person's record. */
export const OwnField = z.object({
  id: Id,
  name: z.string(),
  type: z.enum(OWN_TYPES),
  choices: z.array(z.string()),
  pinned: z.boolean(),
  retired: z.boolean(),
});
export type OwnField = z.infer<typeof OwnField>;
