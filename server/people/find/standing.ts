import { toPlainDate } from '@/core/time';
import type { standingOf } from '@/core/touches';

/** A standing as the API gives it. */
export const toStanding = (standing: ReturnType<typeof standingOf>) =>
  standing.kind === 'none'
    ? { promiseDays: null, due: null, slack: null, warmth: null }
    : {
        promiseDays: standing.promiseDays,
        due: toPlainDate(standing.due),
        slack: standing.slack,
        warmth: standing.warmth,
      };
