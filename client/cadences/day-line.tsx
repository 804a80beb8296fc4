import { useState } from 'react';
import { View } from 'react-native';
import { Line, Rect } from 'react-native-svg';

import { Caption, colour, Drawing, KindShape } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import { dayLine, timingWords, type Rhythm, type Timing } from '@/core/cadences';
import type { WorkCalendar } from '@/core/calendar';
import { monthName, type DayNumber } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { Handle } from './day-line-handle';

const HEIGHT = 84;
const AXIS = 38;
const EDGE = 16;
/** Labels closer than this would run into each other. */
const LABEL_ROOM = 44;
/** Room that “again from day 92” takes. */
const AGAIN_ROOM = 130;

type Shown = Omit<Rhythm, 'beats'> & { beats: readonly Beat[] };
type Drawn = ReturnType<typeof dayLine<Shown['beats'][number]>>;

interface Props {
  cadence: Shown;
  start: DayNumber;
  calendar: WorkCalendar;
  /** Where beats can be moved along the line; without it the line is a picture. */
  onMove?: (beatId: string, timing: Timing) => void;
  openId?: string | null;
  onOpen?: (beatId: string) => void;
}

/** What is drawn, and where the days lie in it. */
interface Scaled {
  line: Drawn;
  width: number;
  x: (at: number) => number;
}

/** A cadence to scale: this round in ink, the next one in outline on a tint, or the year it makes. */
export function DayLine({ cadence, start, calendar, ...editing }: Props) {
  const line = dayLine(cadence, start, calendar);
  const [width, setWidth] = useState(0);
  const x = (at: number) => EDGE + (at / line.days) * (width - 2 * EDGE);
  const scaled = { line, width, x };
  const { onMove } = editing;
  const spoken = cadence.beats
    .map((b) => `${KIND_WORDS[b.kind].noun} ${timingWords(b.timing)}`)
    .join(', ');
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <Drawing label={spoken || 'No beats yet'} height={HEIGHT}>
        {() => (
          <>
            <Again {...scaled} />
            <Months {...scaled} />
            <Axis {...scaled} />
            <Marks {...scaled} />
            {line.months.length > 0 ? null : <Days {...scaled} />}
          </>
        )}
      </Drawing>
      {onMove && width > 0
        ? line.marks
            .filter(({ again }) => !again)
            .map(({ beat, at }) => (
              <Handle
                key={beat.id}
                nth={cadence.beats.findIndex(({ id }) => id === beat.id) + 1}
                beat={beat}
                x={x(at)}
                y={AXIS}
                pixelsADay={(width - 2 * EDGE) / line.days}
                open={editing.openId === beat.id}
                onMove={onMove}
                onOpen={() => editing.onOpen?.(beat.id)}
              />
            ))
        : null}
    </View>
  );
}

/** The next round, on a tint. */
function Again({ line: { againFrom }, width, x }: Scaled) {
  if (againFrom === null) return null;
  const from = x(againFrom);
  const atEnd = from > width - AGAIN_ROOM;
  return (
    <>
      <Rect
        x={from - 10}
        y={4}
        width={width - from + 10}
        height={HEIGHT - 8}
        fill={colour('paper')}
      />
      <Caption x={atEnd ? width : from - 6} y={15} anchor={atEnd ? 'end' : 'start'}>
        {`again from day ${againFrom + 1}`}
      </Caption>
    </>
  );
}

const Months = ({ line: { months }, width, x }: Scaled) =>
  months.flatMap(({ at, month }) => [
    <Line
      key={`line ${month}`}
      x1={x(at)}
      x2={x(at)}
      y1={AXIS - 14}
      y2={AXIS + 14}
      stroke={colour('line')}
    />,
    <Caption key={month} x={x(at) + 4} y={AXIS + 36}>
      {width > 600 ? monthName(month).slice(0, 3) : monthName(month).charAt(0)}
    </Caption>,
  ]);

function Axis({ line: { againFrom, days }, x }: Scaled) {
  const upright = { y1: AXIS, y2: AXIS };
  return (
    <>
      <Line x1={x(0)} x2={x(againFrom ?? days)} {...upright} stroke={colour('ink')} />
      {againFrom === null ? null : (
        <Line x1={x(againFrom)} x2={x(days)} {...upright} stroke={colour('edge')} />
      )}
    </>
  );
}

const Marks = ({ line: { marks }, x }: Scaled) =>
  marks.map(({ beat, at, again }) => (
    <KindShape
      key={`${beat.id}${again}`}
      kind={beat.kind}
      x={x(at)}
      y={AXIS}
      r={6}
      fill={colour(again || beat.way === 'auto' ? 'sheet' : 'ink')}
      stroke={colour(again ? 'edge' : 'ink')}
    />
  ));

/** The days of the beats, as far as their lettering has room. */
function Days({ line: { marks }, width, x }: Scaled) {
  let free = -Infinity;
  return marks.map(({ beat, at, again }) => {
    const left = x(at);
    if (left < free) return null;
    free = left + LABEL_ROOM;
    const edge = left < 24 ? 'start' : left > width - 24 ? 'end' : 'middle';
    const shift = { start: -6, end: 8, middle: 0 }[edge];
    return (
      <Caption key={`${beat.id}${again}`} x={left + shift} y={AXIS + 36} anchor={edge}>
        {`day ${at + 1}`}
      </Caption>
    );
  });
}
