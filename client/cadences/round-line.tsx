import { Line, Rect } from 'react-native-svg';

import { Caption, colour, Drawing, KindShape } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import { roundLength, roundPeriod, type Cadence } from '@/core/cadences';
import { KIND_WORDS } from '@/core/touches';

const HEIGHT = 80;
const AXIS = 38;
const EDGE = 14;
/** Labels closer than this would run into each other. */
const LABEL_ROOM = 44;

type Drawn = { beat: Beat; day: number; again: boolean };

/** A cadence to scale: this round in ink, the next one, if there is one, in outline on a tint. */
export function RoundLine({
  beats,
  rounds,
  gapDays,
}: Pick<Cadence, 'rounds' | 'gapDays'> & { beats: readonly Beat[] }) {
  const repeats = rounds !== 1 && gapDays > 0;
  const length = roundLength(beats);
  const period = roundPeriod({ beats, gapDays });
  const days = Math.max(1, repeats ? period + length : length);
  const scale = (width: number) => (day: number) => EDGE + (day / days) * (width - 2 * EDGE);
  const drawn: Drawn[] = [
    ...beats.map((beat) => ({ beat, day: beat.afterDays, again: false })),
    ...(repeats ? beats.map((beat) => ({ beat, day: beat.afterDays + period, again: true })) : []),
  ];
  const spoken = beats
    .map((b) => `${KIND_WORDS[b.kind].noun} on day ${b.afterDays + 1}`)
    .join(', ');
  return (
    <Drawing label={spoken || 'No beats yet'} height={HEIGHT}>
      {(width) => {
        const x = scale(width);
        return (
          <>
            {repeats ? (
              <Rect
                x={x(period) - 10}
                y={4}
                width={width - x(period) + 10}
                height={HEIGHT - 8}
                fill={colour('paper')}
              />
            ) : null}
            <Line
              x1={x(0)}
              x2={repeats ? x(period) : x(length)}
              y1={AXIS}
              y2={AXIS}
              stroke={colour('ink')}
            />
            {repeats ? (
              <Line x1={x(period)} x2={x(days)} y1={AXIS} y2={AXIS} stroke={colour('edge')} />
            ) : null}
            {drawn.map(({ beat, day, again }) => (
              <KindShape
                key={`${beat.id}${again}`}
                kind={beat.kind}
                x={x(day)}
                y={AXIS}
                r={6}
                fill={colour(again ? 'sheet' : 'ink')}
                stroke={colour(again ? 'edge' : 'ink')}
              />
            ))}
            {repeats ? (
              <Caption x={x(period) - 6} y={15}>{`again from day ${period + 1}`}</Caption>
            ) : null}
            <Labels drawn={drawn} x={x} width={width} />
          </>
        );
      }}
    </Drawing>
  );
}

function Labels({
  drawn,
  x,
  width,
}: {
  drawn: readonly Drawn[];
  x: (day: number) => number;
  width: number;
}) {
  let free = -Infinity;
  return drawn.map(({ beat, day, again }) => {
    const at = x(day);
    if (at < free) return null;
    free = at + LABEL_ROOM;
    const edge = at < 24 ? 'start' : at > width - 24 ? 'end' : 'middle';
    return (
      <Caption
        key={`${beat.id}${again}`}
        x={edge === 'start' ? at - 6 : edge === 'end' ? at + 8 : at}
        y={AXIS + 26}
        anchor={edge}
      >{`day ${day + 1}`}</Caption>
    );
  });
}
