import { isPlainDate } from '@/core/time';

import { headingWords } from '../columns/headings';
import type { ImportedPerson } from '../imported';
import type { Row } from './row';
import { readJobCell } from './story-cells';

/** "Closing Date" names work that is called "Closing". */
const workName = (heading: string): string => {
  const words = headingWords(heading).filter((word) => !['date', 'day', 'on'].includes(word));
  const text = words.join(' ') || 'work';
  return text.charAt(0).toUpperCase() + text.slice(1);
};

const NO_JOB = { stage: '', valueMinor: null, feeMinor: null };

/** Work of a row: told as such, and by the days on which it was done. */
export function readJobs(row: Row): ImportedPerson['jobs'] {
  const told = readJobCell(row.get('work', '; '));
  for (const part of told.unread) row.unread(part, 'work');
  const days = row.all('workDone').flatMap(({ text, heading, column }) => {
    const on = row.day(text, column);
    if (on && isPlainDate(on)) return [{ ...NO_JOB, name: workName(heading), on }];
    row.unread(text, 'a day with its year');
    return [];
  });
  return [...told.jobs, ...days];
}
