import { useRead } from '@/client/api';
import { getSettings } from '@/contract/settings';
import { moneyText, readMoney, writeMoney, type Writing } from '@/core/money';

/** Until the owner's settings are there. */
const UNKNOWN: Writing = { locale: 'en-US', currency: 'USD' };

/** Writes amounts, kept as minor units, in the owner's currency and as they write numbers. */
export function useMoney({ whole = false } = {}): (minor: number) => string {
  const writing = useRead(getSettings).data?.settings ?? UNKNOWN;
  return (minor) => writeMoney(minor, writing, { whole });
}

/** Amounts as they are typed; see {@link readMoney} and {@link moneyText}. */
export function useMoneyText() {
  const writing = useRead(getSettings).data?.settings ?? UNKNOWN;
  return {
    symbol: writeMoney(0, writing, { whole: true }).replace(/[\d\s]/g, ''),
    read: (text: string) => readMoney(text, writing),
    write: (minor: number | null) => moneyText(minor, writing),
  };
}
