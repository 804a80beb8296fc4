import { useRead } from '@/client/api';
import type { PeopleFilter } from '@/contract/filters';
import { listViews } from '@/contract/views';
import { need } from '@/core/need';
import { isGroup, type Condition, type Group } from '@/core/people';

const inNotes = (part: Condition | Group): boolean =>
  isGroup(part) ? part.of.some(inNotes) : part.field === 'note' || part.field === 'noteTag';

/** Whether a filter looks into notes, so that writing one can change whom it finds. */
export const findsByNotes = ({ text, rules }: PeopleFilter): boolean =>
  Boolean(text) || (rules !== undefined && inNotes(rules));

/** The saved views with how many each finds; a note counts them anew only where one looks into notes. */
export const useViews = () =>
  useRead(
    listViews,
    {},
    {
      keepPrevious: true,
      showsOf: ({ views }) =>
        need(listViews.shows).filter(
          (topic) => topic !== 'notes' || views.some(({ filter }) => findsByNotes(filter)),
        ),
    },
  );
