import { Text, View } from 'react-native';

import { WARMTH_TEXT, WarmthMark } from '@/client/ui';
import type { Standing as StandingOf } from '@/contract/standing';
import { slackWords } from '@/core/touches';

/** Slack with the mark of its warmth; nothing for people without a promise. */
export function Standing({ standing }: { standing: StandingOf }) {
  const { slack, warmth } = standing;
  if (slack === null || warmth === null) return null;
  return (
    <View className="flex-row items-center gap-1">
      <WarmthMark warmth={warmth} />
      <Text
        className={`whitespace-nowrap font-sans text-[0.875rem] tabular-nums ${WARMTH_TEXT[warmth]}`}
      >
        {slack < -1 ? `${-slack} days over` : slackWords(slack)}
      </Text>
    </View>
  );
}
