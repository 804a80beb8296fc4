import { isSupportedCountry, parsePhoneNumberFromString } from 'libphonenumber-js';
import isEmailAddress from 'validator/lib/isEmail.js';

/** Signs without ink that copying leaves in addresses and numbers. */
const INVISIBLE = /[\u200B-\u200F\u202A-\u202E\u2060-\u2064\u2066-\u2069\uFEFF\u00AD]/g;

/** An e-mail address with its domain in lower case, or null when the text is none. */
export function readEmail(text: string): string | null {
  const trimmed = text
    .replace(INVISIBLE, '')
    .trim()
    .replace(/^mailto:/i, '');
  if (!isEmailAddress(trimmed)) return null;
  const at = trimmed.lastIndexOf('@');
  return trimmed.slice(0, at) + trimmed.slice(at).toLowerCase();
}

/**
 * A phone number in E.164 where it is complete ("+15035550142"); a short local number stays as
 * typed, tidied; null when the text is no phone number. Without its own country's number it is one of
 * `country` (ISO 3166), the United States where none is told.
 */
export function readPhone(text: string, country = ''): string | null {
  const tidy = text
    .replace(INVISIBLE, '')
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .trim()
    .replace(/^tel:/i, '')
    .replace(/\s+/g, ' ');
  if (!/^[+(]?\d[\d\s().\-/]*(?:\s*(?:x|ext\.?)\s*\d+)?$/i.test(tidy)) return null;
  const parsed = parsePhoneNumberFromString(tidy, isSupportedCountry(country) ? country : 'US');
  if (parsed?.isValid() && !parsed.ext) return parsed.number;
  const digits = tidy.replace(/\D/g, '').length;
  return digits < 7 || digits > 20 ? null : tidy;
}

/** A link as it can be opened; a bare handle or domain gets its https. */
export function readLink(text: string): string | null {
  const url = /^[a-z][a-z\d+.-]*:/i.test(text) ? text : `https://${text}`;
  if (/\s/.test(text) || !URL.canParse(url)) return null;
  const { protocol, hostname } = new URL(url);
  return /^https?:$/.test(protocol) && hostname.includes('.') ? url : null;
}
