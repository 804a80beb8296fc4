import { fieldLabel } from '@/core/merge-fields';
import { need } from '@/core/need';

/** What keeps a text from being sent. */
export type TemplateFault =
  | { kind: 'unknown_field'; field: string }
  | { kind: 'missing_value'; field: string }
  /** A brace that opens or closes nothing; with the text around it. */
  | { kind: 'braces'; near: string }
  /** Something between braces that is no field and no condition. */
  | { kind: 'not_understood'; near: string };

/** Conditions are all that is wanted of the language: nothing that repeats, reads files or sets values. */
const TAGS = new Set(['if', 'elsif', 'else', 'endif', 'unless', 'endunless']);
const DEEPEST = 20;
const NEAR = 24;

const around = (text: string, at: number): string =>
  text
    .slice(Math.max(0, at - 4), at + NEAR)
    .replace(/\s+/g, ' ')
    .trim();

/** Braces in what is filled in already, be they of the text or of a value. */
export function leftOver(filled: string): TemplateFault[] {
  const left = /\{\{|\}\}|\{%|%\}/.exec(filled);
  return left ? [{ kind: 'braces', near: around(filled, left.index) }] : [];
}

/** Braces that are left over, and tags that are none of ours. */
export function findTextFaults(text: string): TemplateFault[] {
  let depth = 0;
  for (const match of text.matchAll(/\{%-?\s*(\w*)/g)) {
    const tag = need(match[1]).toLowerCase();
    if (!TAGS.has(tag)) return [{ kind: 'not_understood', near: around(text, match.index) }];
    if (/^(?:if|unless)$/.test(tag)) depth += 1;
    if (/^end/.test(tag)) depth -= 1;
    if (depth > DEEPEST) return [{ kind: 'not_understood', near: around(text, match.index) }];
  }
  // Pairs are taken out; what is left of doubled braces, or a {name} in single ones, was meant otherwise.
  const rest = text.replace(/\{\{[^{}]*\}\}|\{%[^{}]*%\}/g, (tag) => ' '.repeat(tag.length));
  const left = /\{\{|\}\}|\{%|%\}|\{\s*[a-z_][a-z0-9_ ]*\s*\}/i.exec(rest);
  return left ? [{ kind: 'braces', near: around(text, left.index) }] : [];
}

interface LiquidError {
  name: string;
  message: string;
  originalError?: { name?: string; variableName?: string };
}

/** What the library says of a text, as a fault of ours. */
export function faultOfError(error: unknown): TemplateFault {
  const { message, originalError } = error as LiquidError;
  if (originalError?.variableName)
    return { kind: 'missing_value', field: originalError.variableName };
  const near = message.replace(/, line:.*$/s, '');
  return /not closed/.test(message) ? { kind: 'braces', near } : { kind: 'not_understood', near };
}

/** A fault in a sentence for the owner. */
export function faultSentence(fault: TemplateFault): string {
  if (fault.kind === 'unknown_field') return `There is no field called “${fault.field}”.`;
  if (fault.kind === 'missing_value') return `There is no ${fieldLabel(fault.field)} to fill in.`;
  if (fault.kind === 'braces') return `A brace is left over near “${fault.near}”.`;
  return `This can’t be understood: “${fault.near}”.`;
}

/** A fault as it is shown: its field, where it is about one, and its sentence. */
export const faultShown = (fault: TemplateFault) => ({
  field: 'field' in fault ? fault.field : '',
  sentence: faultSentence(fault),
});
