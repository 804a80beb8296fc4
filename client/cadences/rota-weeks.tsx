import { View } from 'react-native';

import { Soft } from '@/client/ui';
import type { Rota } from '@/contract/rota';
import { plural, shortDate } from '@/core/time';

/** The weeks of a rota down, their letters beside a bar of people: as even as the bars are. */
export function RotaWeeks({ weeks }: { weeks: Rota['weeks'] }) {
  const most = Math.max(1, ...weeks.map(({ people }) => people));
  return (
    <View role="list" aria-label="Weeks of the rota">
      {weeks.map(({ monday, groups, people, now }) => (
        <View
          key={monday}
          role="listitem"
          aria-label={`${now ? 'This week' : `Week of ${shortDate(monday, monday)}`}, ${groups.map(({ name }) => name).join(', ')}: ${plural(people, 'person', 'people')}`}
          className={`min-h-[36px] flex-row items-center gap-3 ${now ? 'border-l-[3px] border-l-ink pl-2' : 'pl-[11px]'}`}
        >
          <Soft className={`w-[60px] tabular-nums ${now ? 'font-sans-semibold text-ink' : ''}`}>
            {shortDate(monday, monday)}
          </Soft>
          <Soft className="w-[92px] font-sans-semibold text-ink">
            {groups
              .filter((group) => group.people > 0 || group.name.length === 1)
              .map(({ name }) => name)
              .join('  ')}
          </Soft>
          <View aria-hidden className="min-w-0 flex-1">
            <View
              className={`h-[14px] ${now ? 'bg-ink' : 'bg-load'}`}
              style={{ width: `${(100 * people) / most}%` }}
            />
          </View>
          <Soft className="w-[32px] text-right tabular-nums">{people}</Soft>
        </View>
      ))}
    </View>
  );
}
