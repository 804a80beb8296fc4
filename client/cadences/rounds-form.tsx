import { useState } from 'react';
import { View } from 'react-native';

import { useRead, type FormOf } from '@/client/api';
import { Body, Choice, NumberInput, Select, Soft, useFault } from '@/client/ui';
import { listCadences, type CadenceDraft } from '@/contract/cadences';
import { isCalendar, roundPeriod } from '@/core/cadences';
import { plural } from '@/core/time';

type Repeat = 'once' | 'times' | 'endless';

const repeats = (year: boolean) => [
  { value: 'once' as const, label: year ? 'One year' : 'Once' },
  { value: 'times' as const, label: year ? 'Several years' : 'Several rounds' },
  { value: 'endless' as const, label: year ? 'Year after year' : 'Without end' },
];

const COUNTED = [
  { value: 'planned', label: 'from the planned day' },
  { value: 'done', label: 'from the day really done' },
] as const;

interface Props {
  draft: CadenceDraft;
  form: FormOf<CadenceDraft>;
  cadenceId: string | null;
  set: (part: Partial<CadenceDraft>) => void;
}

/** What is no number of days is none. */
const whole = (days: number | string | null) =>
  typeof days === 'number' ? Math.max(0, Math.round(days)) : 0;

/** How often the round is run, what the next is counted from, and what follows the last. */
export function RoundsForm({ draft, form, cadenceId, set }: Props) {
  const faults = { gap: useFault(form, 'gapDays'), rounds: useFault(form, 'rounds') };
  const year = isCalendar(draft);
  // While a number is written it may pass through 1.
  const [several, setSeveral] = useState(draft.rounds !== null && draft.rounds > 1);
  const once = draft.rounds === 1 && !several;
  const repeat: Repeat = draft.rounds === null ? 'endless' : once ? 'once' : 'times';
  const choose = (next: Repeat) => {
    setSeveral(next === 'times');
    set({
      rounds: next === 'endless' ? null : next === 'once' ? 1 : 4,
      gapDays: Math.max(1, draft.gapDays),
      ...(next === 'endless' ? { handOver: null } : {}),
    });
  };
  return (
    <View className="gap-3">
      <Choice label="Rounds" value={repeat} options={repeats(year)} onChange={choose} />
      <View className="flex-row flex-wrap gap-4">
        {repeat === 'once' || year ? null : (
          <NumberInput
            label="After the last beat, wait"
            unit="days"
            value={draft.gapDays}
            fault={faults.gap}
            onChange={(days) => set({ gapDays: whole(days) })}
          />
        )}
        {repeat === 'times' ? (
          <NumberInput
            label="Altogether"
            unit={year ? 'years' : 'rounds'}
            value={draft.rounds}
            fault={faults.rounds}
            onChange={(rounds) => set({ rounds: typeof rounds === 'number' ? rounds : 0 })}
          />
        ) : null}
      </View>
      {repeat !== 'once' && !year && draft.beats.length > 0 ? (
        <Counted {...{ draft, set }} />
      ) : null}
      {year ? (
        <Soft>
          With days of the year a round is one year. Whoever joins midway begins with the next beat;
          what has passed is never made up for late.
        </Soft>
      ) : null}
      {repeat === 'endless' ? null : <HandOver {...{ draft, form, cadenceId, set }} />}
    </View>
  );
}

/** What the next round is counted from. */
function Counted({ draft, set }: Pick<Props, 'draft' | 'set'>) {
  return (
    <>
      <Body>{`A round begins every ${plural(roundPeriod(draft), 'day')}.`}</Body>
      <Choice
        label="The next round is counted"
        value={draft.followOn ? 'done' : 'planned'}
        options={COUNTED}
        onChange={(from) => set({ followOn: from === 'done' })}
      />
      {draft.followOn ? (
        <Soft>The next round waits until the last beat was made, however late that is.</Soft>
      ) : null}
    </>
  );
}

function HandOver({ draft, form, cadenceId, set }: Props) {
  const list = useRead(listCadences);
  const others = (list.data?.cadences ?? []).filter(({ id }) => id !== cadenceId);
  const options = [
    { value: '', label: 'it ends' },
    ...others.map(({ id, name }) => ({ value: id, label: `it hands over to ${name}` })),
  ];
  const { handOver } = draft;
  return (
    <View className="flex-row flex-wrap gap-4">
      <Select
        label="After the last round"
        className="min-w-[240px]"
        value={handOver?.cadenceId ?? ''}
        fault={useFault(form, 'handOver')}
        options={options}
        onChange={(to) =>
          set({ handOver: to ? { cadenceId: to, waitDays: handOver?.waitDays ?? 30 } : null })
        }
      />
      {handOver ? (
        <NumberInput
          label="after a wait of"
          unit="days"
          value={handOver.waitDays}
          onChange={(days) => set({ handOver: { ...handOver, waitDays: whole(days) } })}
        />
      ) : null}
    </View>
  );
}
