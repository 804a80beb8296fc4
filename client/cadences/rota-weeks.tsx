import { useState } from 'react';
import { Pressable, View } from 'react-native';

import { Body, Linked, Soft } from '@/client/ui';
import type { Rota } from '@/contract/rota';
import { figure, plural, shortDate } from '@/core/time';

type Week = Rota['weeks'][number];

/** The weeks of a rota down, their letters beside a bar of people; each unfolds to who is in it. */
export function RotaWeeks({ weeks }: { weeks: Rota['weeks'] }) {
  const most = Math.max(1, ...weeks.map(({ people }) => people));
  return (
    <View role="list" aria-label="Weeks of the rota">
      {weeks.map((week) => (
        <WeekLine key={week.monday} week={week} most={most} />
      ))}
    </View>
  );
}

function WeekLine({ week, most }: { week: Week; most: number }) {
  const { monday, groups, people, now } = week;
  const [open, setOpen] = useState(false);
  const letters = groups.filter((group) => group.people > 0 || group.name.length === 1);
  return (
    <View role="listitem">
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${now ? 'This week' : `Week of ${shortDate(monday, monday)}`}, ${groups.map(({ name }) => name).join(', ')}: ${plural(people, 'person', 'people')}`}
        onPress={() => setOpen(!open)}
        className={`min-h-[44px] flex-row items-center gap-3 ${now ? 'border-l-[3px] border-l-ink pl-2' : 'pl-[11px]'}`}
      >
        <Soft className={`w-[3.75rem] tabular-nums ${now ? 'font-sans-semibold text-ink' : ''}`}>
          {shortDate(monday, monday)}
        </Soft>
        <Soft className="w-[5.75rem] font-sans-semibold text-ink">
          {letters.map(({ name }) => name).join('  ')}
        </Soft>
        <View aria-hidden className="min-w-0 flex-1">
          <View
            className={`h-[14px] ${now ? 'bg-ink' : 'bg-load'}`}
            style={{ width: `${(100 * people) / most}%` }}
          />
        </View>
        <Soft className="w-[2rem] text-right tabular-nums">{people}</Soft>
      </Pressable>
      {open ? <WhoIsIn week={week} /> : null}
    </View>
  );
}

const WhoIsIn = ({ week: { who, people } }: { week: Week }) => (
  <View className="flex-row flex-wrap gap-x-4 pb-2 pl-[11px]">
    {people === 0 ? <Soft>Nobody.</Soft> : null}
    {who.map(({ id, name }) => (
      <Linked key={id} href={`/people/${id}`} className="min-h-[44px] max-w-full justify-center">
        <Body className="text-sea">{name}</Body>
      </Linked>
    ))}
    {people > who.length ? (
      <Soft className="self-center">{`and ${figure(people - who.length)} more`}</Soft>
    ) : null}
  </View>
);
