import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';

import { colour } from '@/client/ui';

const WIDTH = 108;
const YEAR = 365;

/** A year of touches in small: ink where a promise was kept, dots where it was quiet. */
export function Strip({
  recent,
  promiseDays,
}: {
  recent: readonly number[];
  promiseDays: number | null;
}) {
  const x = (daysAgo: number) => 4 + (1 - Math.min(daysAgo, YEAR) / YEAR) * (WIDTH - 8);
  return (
    <View aria-hidden>
      <Svg width={WIDTH} height={16}>
        <Line x1={4} x2={WIDTH - 4} y1={8} y2={8} stroke={colour('edge')} strokeDasharray="1 3" />
        {promiseDays === null
          ? null
          : recent.map((days, i) => (
              <Line
                key={i}
                x1={x(days)}
                x2={x(Math.max(0, days - promiseDays, recent[i - 1] ?? 0))}
                y1={8}
                y2={8}
                stroke={colour('ink')}
                strokeWidth={1.5}
              />
            ))}
        {recent.map((days, i) => (
          <Circle key={i} cx={x(days)} cy={8} r={2.6} fill={colour('ink')} />
        ))}
      </Svg>
    </View>
  );
}
