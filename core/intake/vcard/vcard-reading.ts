import type { OwnField } from '@/core/people';
import type { PlainDate } from '@/core/time';

import type { ImportedPerson } from '../imported';
import { NO_LABEL, splitValue, STANDARD, unescapeText, type CardLine } from './vcard-lines';

/** A card that is being read. */
export interface Reading {
  person: ImportedPerson;
  today: PlainDate;
  /** The owner's country (ISO 3166). */
  country: string;
  unread: string[];
  lines: readonly CardLine[];
  own: readonly OwnField[];
}

export type Reader = (line: CardLine, reading: Reading) => void;

export const texts = (line: CardLine, sign: ';' | ',') =>
  splitValue(line.value, sign).map((part) => unescapeText(part).trim());
export const text = (line: CardLine) => unescapeText(line.value).trim();

/** 'home', 'work', 'cell' … without what says how it is sent or that it is preferred. */
export function labelOf(line: CardLine, { lines }: Reading): string {
  const named = line.group && lines.find((l) => l.group === line.group && l.name === 'X-ABLABEL');
  const byGroup = named && text(named).replace(/^_\$!<|>!\$_$/g, '');
  const types = byGroup ? [byGroup] : (line.params.get('TYPE') ?? []);
  const label = types.find((type) => !NO_LABEL.has(type.toLowerCase())) ?? '';
  return STANDARD.has(label.toLowerCase()) ? label.toLowerCase() : label;
}

/** Keeps what has no place beside what is there, under its name. */
export const aside = ({ unread }: Reading, line: CardLine, value = text(line)) => {
  if (value) unread.push(`${line.name}: ${value}`);
};
