import { fold, type OwnField, type OwnValue } from '@/core/people';
import { readFullDate } from '@/core/time';

const YES = new Set(['yes', 'y', 'true', '1', 'x', 'on']);
const NO = new Set(['no', 'n', 'false', '0', 'off']);

/**
 * Reads a number as people write it, or null: "1,250.50", "$ 1 250", "-3". A comma is taken for the
 * decimal sign only where it can be nothing else ("12,5").
 */
export function readNumber(text: string): number | null {
  const tidy = text.replace(/[\s$€£]/g, '');
  const plain = /^-?\d+,\d{1,2}$/.test(tidy)
    ? tidy.replace(',', '.')
    : tidy.replace(/,(?=\d{3})/g, '');
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : null;
}

/** What an own field of each type wants, for people. */
export const OWN_WANTS: Record<OwnField['type'], string> = {
  text: 'text',
  number: 'a number',
  money: 'an amount of money',
  date: 'a day in the calendar',
  choice: 'one of its choices',
  flag: 'yes or no',
};

/**
 * Reads a value of an own field from text (or from JSON, where numbers and yes/no have types of
 * their own); null when it is none of the field's type. Money comes out in minor units.
 */
export function readOwnValue(
  field: Pick<OwnField, 'type' | 'choices'>,
  raw: OwnValue,
): OwnValue | null {
  const text = String(raw).trim();
  switch (field.type) {
    case 'text':
      return text;
    case 'number':
      return readNumber(text);
    case 'money': {
      if (typeof raw === 'number') return Number.isInteger(raw) ? raw : null;
      const amount = readNumber(text);
      return amount === null ? null : Math.round(amount * 100);
    }
    case 'date':
      return readFullDate(text);
    case 'choice':
      return field.choices.find((choice) => fold(choice) === fold(text)) ?? null;
    case 'flag':
      if (typeof raw === 'boolean') return raw;
      return YES.has(fold(text)) ? true : NO.has(fold(text)) ? false : null;
  }
}

/** A value as people read it and as it is written to a file. */
export function ownValueText(field: Pick<OwnField, 'type'>, value: OwnValue): string {
  if (field.type === 'flag') return value ? 'yes' : 'no';
  return field.type === 'money' ? (Number(value) / 100).toFixed(2) : String(value);
}

/** What type of own field suits the cells of a column: one that all of them can be read as. */
export function fieldTypeOf(cells: readonly string[]): OwnField['type'] {
  const told = cells.filter(Boolean);
  const fits = (type: OwnField['type']) =>
    told.every((cell) => readOwnValue({ type, choices: [] }, cell) !== null);
  // A figure with zeros before it is a name for something, not a number.
  if (told.length === 0 || told.some((cell) => /^0\d/.test(cell))) return 'text';
  return (['number', 'date', 'flag'] as const).find(fits) ?? 'text';
}
