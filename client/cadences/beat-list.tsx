import {
  closestCenter,
  DndContext,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { ComponentProps } from 'react';
import { View } from 'react-native';

import type { FormOf } from '@/client/api';
import { useFault } from '@/client/ui';
import type { Beat, CadenceDraft } from '@/contract/cadences';
import { reorderBeats } from '@/core/cadences';
import type { DayNumber } from '@/core/time';

import { BeatRow, MOVE_HINT } from './beat-row';
import type { Targets } from './errand';

interface Props {
  form: FormOf<CadenceDraft>;
  beats: Beat[];
  targets: Targets;
  today: DayNumber;
  openId: string | null;
  onOpen: (id: string | null) => void;
  onChange: (beats: Beat[]) => void;
  onCopy: (index: number) => void;
}

/** The beats in order; moving one keeps the days where they are and changes what happens on them. */
export function BeatList({ form, beats, targets, today, openId, onOpen, onChange, onCopy }: Props) {
  // Keys move a beat directly (see BeatRow): the library's own way of it scrolls with a method that
  // the scrolling view here has replaced.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const move = (from: number, to: number) => onChange(reorderBeats(beats, from, to));
  const drop = ({ active, over }: DragEndEvent) => {
    const from = beats.findIndex(({ id }) => id === active.id);
    const to = beats.findIndex(({ id }) => id === over?.id);
    if (from >= 0 && to >= 0 && from !== to) move(from, to);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{ screenReaderInstructions: { draggable: MOVE_HINT } }}
      onDragEnd={drop}
    >
      <SortableContext items={beats.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <View role="list" aria-label="Beats">
          {beats.map((beat, i) => (
            <FaultyBeat
              key={beat.id}
              form={form}
              beat={beat}
              targets={targets}
              index={i}
              last={i === beats.length - 1}
              today={today}
              open={beat.id === openId}
              onOpen={() => onOpen(beat.id === openId ? null : beat.id)}
              onChange={(next) => onChange(beats.map((b) => (b.id === beat.id ? next : b)))}
              onMove={(by) => move(i, i + by)}
              onCopy={() => onCopy(i)}
              onDelete={() => onChange(beats.filter((b) => b.id !== beat.id))}
            />
          ))}
        </View>
      </SortableContext>
    </DndContext>
  );
}

/** A beat with what was refused about it. */
const FaultyBeat = ({ form, ...props }: ComponentProps<typeof BeatRow> & Pick<Props, 'form'>) => (
  <BeatRow {...props} fault={useFault(form, `beats.${props.index}`)} />
);
