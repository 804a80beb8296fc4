import { isPlainDate } from '@/core/time';

import { headingWords } from './headings';
import type { ImportedPerson } from './imported';
import type { Row } from './row';

/** "Closing Date" names work that is called "Closing". */
const workName = (heading: string): string => {
  const words = headingWords(heading).filter((word) => !['date', 'day', 'on'].includes(word));
  const text = words.join(' ') || 'work';
  return text.charAt(0).toUpperCase() + text.slice(1);
};

/** Work done on the days of a row. */
export function readJobs(row: Row): ImportedPerson['jobs'] {
  return row.all('workDone').flatMap(({ text, heading, column }) => {
    const on = row.day(text, column);
    if (on && isPlainDate(on)) return [{ name: workName(heading), on }];
    row.unread(text, 'a day with its year');
    return [];
  });
}
