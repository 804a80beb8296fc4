import type { DayNumber } from './day';

const DAY_MS = 86_400_000;

const UMM_AL_QURA = new Intl.DateTimeFormat('en-u-ca-islamic-umalqura', {
  month: 'numeric',
  day: 'numeric',
  timeZone: 'UTC',
});

/** Month and day of the calendar of Umm al-Qura, as the runtime has it (ICU). @example 1 Shawwal: '10/1' */
export function islamicDay(day: DayNumber): string {
  const parts = UMM_AL_QURA.formatToParts(day * DAY_MS);
  const part = (type: string) => parts.find((one) => one.type === type)?.value;
  return `${part('month')}/${part('day')}`;
}
