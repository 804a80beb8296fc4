import { useRead } from '@/client/api';
import { getSettings } from '@/contract/settings';

/** Until the owner's settings are there. */
const UNKNOWN = { locale: 'en-US', currency: 'USD' };

/** Writes amounts, kept as hundredths, in the owner's currency and as they write numbers. */
export function useMoney({ whole = false } = {}): (minor: number) => string {
  const { locale, currency } = useRead(getSettings).data?.settings ?? UNKNOWN;
  const style = { style: 'currency', currency } as const;
  const format = new Intl.NumberFormat(
    locale,
    whole ? { ...style, maximumFractionDigits: 0 } : style,
  );
  return (minor) => format.format(minor / 100);
}
