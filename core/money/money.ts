import { need } from '@/core/need';

/** How the owner writes amounts: a currency (ISO 4217) in a language and region (BCP 47). */
export interface Writing {
  currency: string;
  locale: string;
}

const formatOf = ({ currency, locale }: Writing, options: Intl.NumberFormatOptions = {}) =>
  new Intl.NumberFormat(locale, { style: 'currency', currency, ...options });

/** Minor units in one whole: 100 cents to the dollar, none to the yen, 1000 fils to the dinar (ISO 4217). */
export const minorUnits = (writing: Writing): number =>
  10 ** need(formatOf(writing).resolvedOptions().maximumFractionDigits);

/** An amount of minor units with its currency; `whole` leaves out the minor ones. */
export const writeMoney = (minor: number, writing: Writing, { whole = false } = {}): string =>
  formatOf(writing, whole ? { maximumFractionDigits: 0 } : {}).format(minor / minorUnits(writing));

/** An amount to be edited: digits and the sign between whole and minor, nothing else. */
export const moneyText = (minor: number | null, { currency, locale }: Writing): string => {
  if (minor === null) return '';
  const units = minorUnits({ currency, locale });
  const digits = minor % units === 0 ? 0 : Math.log10(units);
  return new Intl.NumberFormat(locale, {
    useGrouping: false,
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  }).format(minor / units);
};

/**
 * Reads an amount as it is written there, in minor units: null where nothing stands, undefined where
 * it is no amount, or has more digits than the currency.
 */
export function readMoney(text: string, writing: Writing): number | null | undefined {
  const parts = formatOf(writing).formatToParts(1_234_567.8);
  const signs = new Set(parts.filter(({ type }) => type === 'group').map(({ value }) => value));
  const decimal =
    new Intl.NumberFormat(writing.locale).formatToParts(0.5).find(({ type }) => type === 'decimal')
      ?.value ?? '.';
  const symbol = need(parts.find(({ type }) => type === 'currency')).value;
  const bare = [...text.replaceAll(symbol, '').replaceAll(writing.currency, '')]
    .filter((sign) => !signs.has(sign) && !/\s/.test(sign))
    .map((sign) => (sign === decimal ? '.' : sign))
    .join('');
  if (bare === '') return text.trim() === '' ? null : undefined;
  if (!/^\d*\.?\d*$/.test(bare) || bare === '.') return undefined;
  const minor = Number(bare) * minorUnits(writing);
  const rounded = Math.round(minor);
  return Math.abs(minor - rounded) < 1e-6 && Number.isSafeInteger(rounded) ? rounded : undefined;
}
