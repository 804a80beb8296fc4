import { need } from '@/core/need';
import type { Address } from '@/core/people';

type Whole = Pick<Address, 'line' | 'city' | 'region' | 'postalCode' | 'country'>;

const COUNTRY = '(?:,\\s*(?<country>\\p{L}[\\p{L} .]+))?$';

/** Forms of a whole address in one text: United States, Canada, United Kingdom, and code before city. */
const FORMS = [
  `^(?<line>.+?),\\s*(?<city>[^,\\d]+?),?\\s+(?<region>[A-Z]{2})\\.?,?\\s+(?<postalCode>\\d{5}(?:-\\d{4})?)${COUNTRY}`,
  `^(?<line>.+?),\\s*(?<city>[^,\\d]+?),?\\s+(?<region>[A-Z]{2})\\.?,?\\s+(?<postalCode>[A-Z]\\d[A-Z] ?\\d[A-Z]\\d)${COUNTRY}`,
  `^(?<line>.+?),\\s*(?<city>[^,\\d]+?),?\\s+(?<postalCode>[A-Z]{1,2}\\d[A-Z\\d]? ?\\d[A-Z]{2})${COUNTRY}`,
  `^(?<line>.+?),\\s*(?:[A-Z]{1,2}-)?(?<postalCode>\\d{4,5})\\s+(?<city>\\p{L}[^,\\d]*?)${COUNTRY}`,
  `^(?<line>.*\\d.*?),\\s*(?<city>[^,\\d]+?),?\\s+(?<postalCode>\\d{5}(?:-\\d{4})?)${COUNTRY}`,
].map((form) => new RegExp(form, 'u'));

/**
 * Takes an address in one text apart, by its postal code: "12 Lantern Row, Port Ellery, CA 00012". Null
 * when it does not look like one whole address; then it stays as it is.
 */
export function readWholeAddress(text: string): Whole | null {
  const one = text
    .replace(/\s*[\r\n]+\s*/g, ', ')
    .replace(/\s+/g, ' ')
    .trim();
  for (const form of FORMS) {
    const parts = form.exec(one)?.groups;
    if (parts)
      return {
        line: need(parts.line).trim(),
        city: need(parts.city).trim(),
        region: parts.region ?? '',
        postalCode: need(parts.postalCode),
        country: parts.country?.trim() ?? '',
      };
  }
  return null;
}
