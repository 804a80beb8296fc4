import { View } from 'react-native';

import { calendarOf, type OwnersDays } from '@/client/settings';
import { KindMark, Soft, Words } from '@/client/ui';
import type { CadenceDraft } from '@/contract/cadences';
import { yearShape } from '@/core/cadences';
import { shortDate, toDayNumber, toPlainDate, weekdayName } from '@/core/time';
import { kindSetups, ofKinds } from '@/core/touches';

import { YearView } from './year-view';

interface Props {
  cadence: Pick<CadenceDraft, 'beats' | 'rounds' | 'gapDays' | 'followOn' | 'advice'>;
  owner: OwnersDays;
}

/** The year of somebody who starts today: each touch on its day with its words, and its shape. */
export function DatedPreview({ cadence, owner }: Props) {
  const costs = ofKinds(kindSetups(owner.settings.kinds), ({ costMinor }) => costMinor);
  const shape = yearShape(cadence, toDayNumber(owner.today), calendarOf(owner), costs);
  return (
    <View className="gap-3">
      {shape.touches.map(({ beat, day, round }, i) => {
        const on = toPlainDate(day);
        return (
          <View key={i} className="flex-row gap-3">
            <Soft className="w-[7.5rem] tabular-nums leading-6">
              {`${weekdayName(on).slice(0, 3)}, ${shortDate(on, owner.today)}`}
            </Soft>
            <View className="pt-1">
              <KindMark kind={beat.kind} />
            </View>
            <View className="min-w-0 flex-1">
              <Words>{beat.wordings[round % beat.wordings.length] ?? ''}</Words>
            </View>
          </View>
        );
      })}
      <YearView shape={shape} />
      {cadence.advice ? <Soft>{cadence.advice}</Soft> : null}
    </View>
  );
}
