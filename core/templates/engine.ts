import { Liquid, type Template as Parsed } from 'liquidjs';
import { LRUCache } from 'lru-cache';

import { escapeHtml } from '@/core/messages';

import { faultOfError, findTextFaults, leftOver, type TemplateFault } from './faults';

/**
 * What the merge fields stand for. A field that is not among the keys is not known at all; one that is
 * null or empty has nothing to fill it with.
 */
export type MergeValues = Readonly<Record<string, string | number | null | undefined>>;

export type Filled = { ok: true; text: string } | { ok: false; faults: TemplateFault[] };

const LIMITS = { parseLimit: 200_000, renderLimit: 500, memoryLimit: 5_000_000 };

const ENGINE = new Liquid({
  // A value is a text and has no properties; a name such as "constructor" is no field.
  ownPropertyOnly: true,
  strictFilters: true,
  // A field without a value is a fault, but for `if` and `default`, which ask whether there is one.
  strictVariables: true,
  lenientIf: true,
  ...LIMITS,
});

interface Read {
  parsed: Parsed[];
  fields: readonly string[];
}

/** Parsing costs ten times as much as filling in: the texts of late are kept. */
const kept = new LRUCache<string, Read | TemplateFault[]>({ max: 500 });

/**
 * Names of fields are written in any case, word processors make quotation marks curly, and in HTML signs
 * stand in their stead.
 */
const tidy = (text: string): string =>
  text.replace(/\{\{[^{}]*\}\}|\{%[^{}]*%\}/g, (tag) =>
    tag
      .replace(/&nbsp;|\u00a0/g, ' ')
      .replace(/&quot;|&#34;/g, '"')
      .replace(/&gt;/g, tag.startsWith('{%') ? '>' : '&gt;')
      .replace(/&lt;/g, tag.startsWith('{%') ? '<' : '&lt;')
      .replace(/[“”„]/g, '"')
      .replace(/[‘’]/g, "'")
      .replace(
        /^(\{\{-?\s*)([A-Za-z_]\w*)/,
        (_, open: string, name: string) => open + name.toLowerCase(),
      ),
  );

function read(text: string): Read | TemplateFault[] {
  const before = kept.get(text);
  if (before) return before;
  const found = readNow(tidy(text));
  kept.set(text, found);
  return found;
}

function readNow(text: string): Read | TemplateFault[] {
  const faults = findTextFaults(text);
  if (faults.length > 0) return faults;
  try {
    const parsed = ENGINE.parse(text);
    return { parsed, fields: ENGINE.globalVariablesSync(parsed) };
  } catch (error) {
    return [faultOfError(error)];
  }
}

/** The merge fields that a text asks for, each once; none where it can't be read. */
export function fieldsOf(text: string): readonly string[] {
  const found = read(text);
  return Array.isArray(found) ? [] : found.fields;
}

/** What would keep a rich text from going to one reader; most need not be filled in to see that nothing does. */
export function richFaults(html: string, values: MergeValues): readonly TemplateFault[] {
  const found = read(html);
  if (!Array.isArray(found) && found.fields.every((field) => values[field])) return [];
  const filled = fillRich(html, values);
  return filled.ok ? [] : filled.faults;
}

/** The fields of a text that would keep it from going to one reader. */
export function missingIn(text: string, values: MergeValues): readonly string[] {
  // Most have all that most texts ask for, and nothing need be filled in to see that.
  if (fieldsOf(text).every((field) => values[field])) return [];
  const filled = fill(text, values);
  return filled.ok ? [] : filled.faults.flatMap((fault) => ('field' in fault ? fault.field : []));
}

/** What is wrong with a text whoever it goes to: braces, tags, and fields that nobody has. */
export function templateFaults(text: string, isKnown: (field: string) => boolean): TemplateFault[] {
  const found = read(text);
  if (Array.isArray(found)) return found;
  return found.fields
    .filter((field) => !isKnown(field))
    .map((field) => ({ kind: 'unknown_field', field }));
}

/** Filled in for them: so many times, at most, a missing value is looked for. */
const MOST_MISSING = 50;

/**
 * Fills a text (Liquid: `{{ field }}`, `{{ field | default: "there" }}`, `{% if field %} … {% endif %}`)
 * for one reader. A field that is not known, a value that is missing where nothing stands in for it, and a
 * brace that is left over are reported, all of them; such a text is not to be sent.
 * @example fill('Hi {{ first_name | default: "there" }}', { first_name: '' }) // { ok: true, text: 'Hi there' }
 */
export function fill(text: string, values: MergeValues): Filled {
  const found = read(text);
  if (Array.isArray(found)) return { ok: false, faults: found };
  const unknown = found.fields.filter((field) => !Object.hasOwn(values, field));
  if (unknown.length > 0)
    return { ok: false, faults: unknown.map((field) => ({ kind: 'unknown_field', field })) };
  const scope: Record<string, string | number> = {};
  for (const field of found.fields) {
    const value = values[field];
    if (value !== null && value !== undefined && value !== '') scope[field] = value;
  }
  const faults: TemplateFault[] = [];
  while (faults.length < MOST_MISSING)
    try {
      const filled: string = ENGINE.renderSync(found.parsed, scope);
      if (faults.length === 0) faults.push(...leftOver(filled));
      return faults.length > 0 ? { ok: false, faults } : { ok: true, text: filled };
    } catch (error) {
      const fault = faultOfError(error);
      faults.push(fault);
      if (fault.kind !== 'missing_value') break;
      scope[fault.field] = '…';
    }
  return { ok: false, faults };
}

/** A rich text (HTML) for one reader: values stand in it as text, never as tags. */
export const fillRich = (html: string, values: MergeValues): Filled =>
  fill(
    html,
    Object.fromEntries(
      Object.entries(values).map(([field, value]) => [
        field,
        typeof value === 'string' ? escapeHtml(value).replace(/\n/g, '<br>') : value,
      ]),
    ),
  );
