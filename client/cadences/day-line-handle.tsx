import { createElement, useState } from 'react';

import type { Beat } from '@/contract/cadences';
import { movedTiming, timingWords, type Timing } from '@/core/cadences';
import { KIND_WORDS } from '@/core/touches';

interface HandleProps {
  nth: number;
  beat: Beat;
  x: number;
  /** The height of the line. */
  y: number;
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
export function Handle({ nth, beat, x, y, pixelsADay, open, onMove, onOpen }: HandleProps) {
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
    style: { left: x - 14, top: y - 22, borderColor: open ? 'rgb(var(--sea))' : undefined },
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
