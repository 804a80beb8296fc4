import { parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js';
import isEmailAddress from 'validator/lib/isEmail.js';

/** An e-mail address with its domain in lower case, or null when the text is none. */
export function readEmail(text: string): string | null {
  const trimmed = text.trim().replace(/^mailto:/i, '');
  if (!isEmailAddress(trimmed)) return null;
  const at = trimmed.lastIndexOf('@');
  return trimmed.slice(0, at) + trimmed.slice(at).toLowerCase();
}

/**
 * A phone number in E.164 where it is complete ("+15035550142"); a short local number stays as
 * typed, tidied; null when the text is no phone number.
 */
export function readPhone(text: string, country: CountryCode = 'US'): string | null {
  const tidy = text.trim().replace(/^tel:/i, '').replace(/\s+/g, ' ');
  if (!/^[+(]?\d[\d\s().\-/]*(?:\s*(?:x|ext\.?)\s*\d+)?$/i.test(tidy)) return null;
  const digits = tidy.replace(/\D/g, '').length;
  if (digits < 7 || digits > 20) return null;
  const parsed = parsePhoneNumberFromString(tidy, country);
  return parsed?.isValid() && !parsed.ext ? parsed.number : tidy;
}
