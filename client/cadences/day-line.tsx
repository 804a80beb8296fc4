import { createElement, useState } from 'react';
import { View } from 'react-native';
import { Line, Rect } from 'react-native-svg';

import { Caption, colour, Drawing, KindShape } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import { dayLine, movedTiming, timingWords, type Rhythm, type Timing } from '@/core/cadences';
import type { WorkCalendar } from '@/core/calendar';
import { monthName, type DayNumber } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

const HEIGHT = 84;
const AXIS = 38;
const EDGE = 16;
/** Labels closer than this would run into each other. */
const LABEL_ROOM = 44;
/** Room that “again from day 92” takes. */
const AGAIN_ROOM = 130;

type Shown = Omit<Rhythm, 'beats'> & { beats: readonly Beat[] };

interface Props {
  cadence: Shown;
  start: DayNumber;
  calendar: WorkCalendar;
  /** Where beats can be moved along the line; without it the line is a picture. */
  onMove?: (beatId: string, timing: Timing) => void;
  openId?: string | null;
  onOpen?: (beatId: string) => void;
}

/** A cadence to scale: this round in ink, the next one in outline on a tint, or the year it makes. */
export function DayLine({ cadence, start, calendar, ...editing }: Props) {
  const line = dayLine(cadence, start, calendar);
  const { marks, days, againFrom, months } = line;
  const [width, setWidth] = useState(0);
  const scale = (at: number) => EDGE + (at / days) * (width - 2 * EDGE);
  const atEnd = againFrom !== null && scale(againFrom) > width - AGAIN_ROOM;
  const spoken = cadence.beats
    .map((b) => `${KIND_WORDS[b.kind].noun} ${timingWords(b.timing)}`)
    .join(', ');
  let free = -Infinity;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <Drawing label={spoken || 'No beats yet'} height={HEIGHT}>
        {() => (
          <>
            {againFrom === null ? null : (
              <Rect
                x={scale(againFrom) - 10}
                y={4}
                width={width - scale(againFrom) + 10}
                height={HEIGHT - 8}
                fill={colour('paper')}
              />
            )}
            {months.map(({ at, month }) => (
              <Line
                key={month}
                x1={scale(at)}
                x2={scale(at)}
                y1={AXIS - 14}
                y2={AXIS + 14}
                stroke={colour('line')}
              />
            ))}
            {months.map(({ at, month }) => (
              <Caption key={month} x={scale(at) + 4} y={AXIS + 36}>
                {width > 600 ? monthName(month).slice(0, 3) : monthName(month).charAt(0)}
              </Caption>
            ))}
            <Line
              x1={scale(0)}
              x2={scale(againFrom ?? days)}
              y1={AXIS}
              y2={AXIS}
              stroke={colour('ink')}
            />
            {againFrom === null ? null : (
              <Line
                x1={scale(againFrom)}
                x2={scale(days)}
                y1={AXIS}
                y2={AXIS}
                stroke={colour('edge')}
              />
            )}
            {marks.map(({ beat, at, again }) => (
              <KindShape
                key={`${beat.id}${again}`}
                kind={beat.kind}
                x={scale(at)}
                y={AXIS}
                r={6}
                fill={colour(again || beat.way === 'auto' ? 'sheet' : 'ink')}
                stroke={colour(again ? 'edge' : 'ink')}
              />
            ))}
            {againFrom === null ? null : (
              <Caption
                x={atEnd ? width : scale(againFrom) - 6}
                y={15}
                anchor={atEnd ? 'end' : 'start'}
              >{`again from day ${againFrom + 1}`}</Caption>
            )}
            {months.length > 0
              ? null
              : marks.map(({ beat, at, again }) => {
                  const x = scale(at);
                  if (x < free) return null;
                  free = x + LABEL_ROOM;
                  const edge = x < 24 ? 'start' : x > width - 24 ? 'end' : 'middle';
                  return (
                    <Caption
                      key={`${beat.id}${again}`}
                      x={edge === 'start' ? x - 6 : edge === 'end' ? x + 8 : x}
                      y={AXIS + 36}
                      anchor={edge}
                    >{`day ${at + 1}`}</Caption>
                  );
                })}
          </>
        )}
      </Drawing>
      {editing.onMove && width > 0
        ? marks
            .filter(({ again }) => !again)
            .map(({ beat, at }) => (
              <Handle
                key={beat.id}
                nth={cadence.beats.findIndex(({ id }) => id === beat.id) + 1}
                beat={beat}
                x={scale(at)}
                pixelsADay={(width - 2 * EDGE) / days}
                open={editing.openId === beat.id}
                onMove={editing.onMove!}
                onOpen={() => editing.onOpen?.(beat.id)}
              />
            ))
        : null}
    </View>
  );
}

interface HandleProps {
  nth: number;
  beat: Beat;
  x: number;
  pixelsADay: number;
  open: boolean;
  onMove: (beatId: string, timing: Timing) => void;
  onOpen: () => void;
}

/** What is held, with the scale of the line when it was taken: the line grows as it is pulled. */
interface Grip {
  x: number;
  timing: Timing;
  moved: boolean;
  scale: number;
}

const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 };
const PRESS_PX = 4;

/** A beat that is taken along the line with a finger, a mouse, or the arrow keys. */
function Handle({ nth, beat, x, pixelsADay, open, onMove, onOpen }: HandleProps) {
  const [grip, setGrip] = useState<Grip | null>(null);
  const move = (timing: Timing, days: number) => {
    const next = movedTiming(timing, days);
    if (next) onMove(beat.id, next);
  };
  return createElement('button', {
    type: 'button',
    'aria-label': `Beat ${nth}, ${KIND_WORDS[beat.kind].noun} ${timingWords(beat.timing)}`,
    title: 'Drag it along the days, or use the arrow keys; with Shift by a week',
    'aria-pressed': open,
    className:
      'absolute h-[44px] w-[28px] cursor-ew-resize touch-none rounded border border-transparent bg-transparent hover:border-edge focus:border-sea',
    style: { left: x - 14, top: AXIS - 22, borderColor: open ? 'rgb(var(--sea))' : undefined },
    onPointerDown: (event: PointerEvent) => {
      setGrip({ x: event.clientX, timing: beat.timing, moved: false, scale: pixelsADay });
      (event.target as Element).setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: PointerEvent) => {
      if (!grip) return;
      const by = event.clientX - grip.x;
      if (!grip.moved && Math.abs(by) < PRESS_PX) return;
      if (!grip.moved) setGrip({ ...grip, moved: true });
      move(grip.timing, Math.round(by / grip.scale));
    },
    onPointerUp: () => {
      if (grip && !grip.moved) onOpen();
      setGrip(null);
    },
    onPointerCancel: () => setGrip(null),
    onKeyDown: (event: KeyboardEvent) => {
      const step = STEPS[event.key];
      if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        onOpen();
      } else if (step) {
        event.preventDefault();
        move(beat.timing, step * (event.shiftKey ? 7 : 1));
      }
    },
  });
}
