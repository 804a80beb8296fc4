import type { ImportPreview } from '@/contract/imports';
import {
  asUse,
  COLUMN_KEYS,
  INCOMING_KEYS,
  partsOfUse,
  wordsOfUse,
  type ColumnKey,
  type ColumnUse,
  type IncomingKey,
} from '@/core/people';
import type { DateOrder } from '@/core/time';

type Field = { id: string; name: string };

/** Of these there may be several, told apart by which they are. */
const WHICH: Partial<Record<ColumnKey, readonly string[]>> = {
  email: ['home', 'work'],
  phone: ['mobile', 'home', 'work'],
  addressLine: ['home', 'work', 'mailing'],
  city: ['home', 'work', 'mailing'],
  region: ['home', 'work', 'mailing'],
  postalCode: ['home', 'work', 'mailing'],
  country: ['home', 'work', 'mailing'],
};

const FIRST: readonly IncomingKey[] = ['aside', 'newField'];
const option = (value: string, label: string) => ({ value, label });

/** What a column can be used as; what it is used as now is always among it. */
export function optionsOf(now: ColumnUse | null, fields: readonly Field[]) {
  const plain = now ? asUse(partsOfUse(now).to, orderOf(now) ? '' : partsOfUse(now).which) : '';
  const options = [
    option('', 'Leave out'),
    ...FIRST.map((key) => option(key, wordsOfUse(key))),
    ...COLUMN_KEYS.flatMap((key) => [
      option(key, wordsOfUse(key)),
      ...(WHICH[key] ?? []).map((which) => option(asUse(key, which), wordsOfUse(key, which))),
    ]),
    ...INCOMING_KEYS.filter((key) => !FIRST.includes(key)).map((key) =>
      option(key, wordsOfUse(key)),
    ),
    ...fields.map(({ id, name }) => option(`own:${id}`, name)),
  ];
  if (now && !options.some(({ value }) => value === plain)) {
    const { to, which } = partsOfUse(now);
    options.push(option(plain, wordsOfUse(to as ColumnKey, which)));
  }
  return { options, value: plain };
}

/** The order of day and month that was said for a column of days. */
export function orderOf(use: ColumnUse | null): DateOrder | null {
  const which = use ? partsOfUse(use).which : '';
  return which === 'dmy' || which === 'mdy' ? which : null;
}

/** The columns in which day and month can't be told apart, or were told. */
export const unclearColumns = ({ columns, mapping }: ImportPreview): number[] =>
  columns.flatMap(({ unclear }, i) =>
    mapping[i] && (unclear.length > 0 || orderOf(mapping[i])) ? [i] : [],
  );

export const isAnswered = (preview: ImportPreview): boolean =>
  unclearColumns(preview).every((i) => orderOf(preview.mapping[i] ?? null));

/** Columns of a partner, of which the owner says once what they become. */
export const hasPartners = ({ mapping }: ImportPreview): boolean =>
  mapping.some((use) => use?.startsWith('partner'));

/** The mapping with one column used otherwise. */
export const withUse = (
  { mapping }: ImportPreview,
  column: number,
  use: ColumnUse | null,
): ImportPreview['mapping'] => mapping.map((old, i) => (i === column ? use : old));
