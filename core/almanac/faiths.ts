/** Faiths, and peoples' calendars, whose feasts the almanac can show. */
export const FAITHS = ['christian', 'orthodox', 'jewish', 'muslim', 'chinese'] as const;
export type Faith = (typeof FAITHS)[number];

export const FAITH_WORDS: Record<Faith, string> = {
  christian: 'Christian',
  orthodox: 'Orthodox Christian',
  jewish: 'Jewish',
  muslim: 'Muslim',
  chinese: 'Chinese calendar',
};
