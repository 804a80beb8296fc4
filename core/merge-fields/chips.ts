import { fieldLabel } from './fields';

/**
 * Rich words are HTML with merge fields in braces, as they are sent. An editor shows a field as one sign
 * and a condition as a block: `<span data-field="first_name" data-fallback="there">` stands for
 * `{{ first_name | default: "there" }}`, and `<div data-only="children">…</div>` for `{% if children %}…{% endif %}`.
 */

const FIELD = /\{\{\s*([a-z]\w*)\s*(?:\|\s*default:\s*(?:"([^"{}]*)"|“([^”{}]*)”)\s*)?\}\}/gi;
/** A condition around whole paragraphs, with none inside. */
const ONLY = /\{%\s*if\s+([a-z]\w*)\s*%\}\s*(<(?:(?!\{%)[\s\S])*?>)\s*\{%\s*endif\s*%\}/gi;
const FIELD_SIGN = /<span\b([^>]*\bdata-field="[^>]*)>[^<]*<\/span>/g;
const ONLY_BLOCK = /<div\b[^>]*\bdata-only="(\w+)"[^>]*>((?:(?!<div\b)[\s\S])*?)<\/div>/g;

const quoted = (text: string): string => text.replace(/"/g, '&quot;');

const attribute = (tag: string, name: string): string =>
  new RegExp(`\\b${name}="([^"]*)"`).exec(tag)?.[1] ?? '';

/** `{{ first_name | default: "there" }}`. */
export const fieldInBraces = (field: string, fallback = ''): string =>
  fallback ? `{{ ${field} | default: "${fallback.replace(/["{}]/g, '')}" }}` : `{{ ${field} }}`;

/** Braces as an editor shows them; what is written in them otherwise stays as it is. */
export const toSigns = (html: string): string =>
  html
    .replace(ONLY, (_, field: string, inner: string) => `<div data-only="${field}">${inner}</div>`)
    .replace(
      FIELD,
      (_, field: string, plain: string | undefined, curly: string | undefined) =>
        `<span data-field="${field.toLowerCase()}" data-fallback="${quoted(plain ?? curly ?? '')}"></span>`,
    );

/** What an editor shows, in braces again. */
export const toBraces = (html: string): string =>
  html
    .replace(FIELD_SIGN, (_, tag: string) =>
      fieldInBraces(attribute(tag, 'data-field'), attribute(tag, 'data-fallback')),
    )
    .replace(
      ONLY_BLOCK,
      (_, field: string, inner: string) => `{% if ${field} %}${inner}{% endif %}`,
    );

/** Plain words as rich ones: a paragraph where a line is empty, a break where one ends. */
export const asRich = (words: string): string =>
  words
    .trim()
    .split(/\n[ \t]*\n\s*/)
    .map((part) => {
      const safe = part.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
      return `<p>${safe.replace(/\n/g, '<br>')}</p>`;
    })
    .join('');

/** Words for the eye: fields by what they are called, conditions left out. */
export const forTheEye = (words: string): string =>
  words
    .replace(FIELD, (_, field: string) => `‹${fieldLabel(field.toLowerCase())}›`)
    .replace(/\{%[^%]*%\}/g, '')
    .replace(/\s+/g, ' ');
