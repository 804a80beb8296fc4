import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { createElement } from 'react';
import { View } from 'react-native';

import { Body, Button, Field, KindMark, NumberField, Select } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import { reorderBeats } from '@/core/cadences';
import type { DayRule } from '@/core/calendar';
import { KIND_WORDS, TOUCH_KINDS } from '@/core/touches';

const KIND_OPTIONS = TOUCH_KINDS.map((kind) => ({ value: kind, label: KIND_WORDS[kind].noun }));

const RULE_OPTIONS: { value: DayRule; label: string }[] = [
  { value: 'next', label: 'next working day' },
  { value: 'previous', label: 'working day before' },
  { value: 'nearest', label: 'nearest working day' },
  { value: 'exact', label: 'exact day' },
];

interface Props {
  beats: Beat[];
  onChange: (beats: Beat[]) => void;
  onCopy: (index: number) => void;
}

/** The beats in order; moving one keeps the days where they are and changes what happens on them. */
export function BeatList({ beats, onChange, onCopy }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number) => onChange(reorderBeats(beats, from, to));
  const drop = ({ active, over }: DragEndEvent) => {
    const from = beats.findIndex(({ id }) => id === active.id);
    const to = beats.findIndex(({ id }) => id === over?.id);
    if (from >= 0 && to >= 0 && from !== to) move(from, to);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={beats.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <View role="list" aria-label="Beats">
          {beats.map((beat, i) => (
            <BeatRow
              key={beat.id}
              beat={beat}
              index={i}
              last={i === beats.length - 1}
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

interface RowProps {
  beat: Beat;
  index: number;
  last: boolean;
  onChange: (beat: Beat) => void;
  onMove: (by: 1 | -1) => void;
  onCopy: () => void;
  onDelete: () => void;
}

function BeatRow({ beat, index, last, onChange, onMove, onCopy, onDelete }: RowProps) {
  const sortable = useSortable({ id: beat.id });
  const nth = `beat ${index + 1}`;
  // Days are counted from 1 for people, from 0 in the cadence.
  const setDay = (text: string) => {
    const day = Number.parseInt(text, 10);
    onChange({ ...beat, afterDays: Number.isNaN(day) ? -1 : day - 1 });
  };
  const handle = createElement(
    'button',
    {
      ref: sortable.setActivatorNodeRef,
      ...sortable.attributes,
      ...sortable.listeners,
      type: 'button',
      'aria-label': `Move ${nth}`,
      title: 'Drag, or press space and use the arrow keys',
      className: 'min-h-[44px] w-[44px] shrink-0 cursor-grab touch-none text-[18px] text-soft',
    },
    '⠿',
  );
  return createElement(
    'div',
    {
      ref: sortable.setNodeRef,
      role: 'listitem',
      style: {
        transform: CSS.Translate.toString(sortable.transform),
        transition: sortable.transition,
      },
      className: 'border-b border-line bg-sheet py-3',
    },
    <View className="flex-row gap-2">
      {handle}
      <View className="min-w-0 flex-1 gap-2">
        <View className="flex-row flex-wrap items-center gap-2">
          <KindMark kind={beat.kind} />
          <Body>Day</Body>
          <NumberField
            label={`Day of ${nth}`}
            hideLabel
            value={beat.afterDays < 0 ? '' : String(beat.afterDays + 1)}
            onChange={setDay}
          />
          <Select
            label={`Kind of ${nth}`}
            hideLabel
            className="w-[140px]"
            value={beat.kind}
            options={KIND_OPTIONS}
            onChange={(kind) => onChange({ ...beat, kind })}
          />
          <Select
            label={`Where ${nth} moves from a day off`}
            hideLabel
            className="w-[180px]"
            value={beat.dayRule}
            options={RULE_OPTIONS}
            onChange={(dayRule) => onChange({ ...beat, dayRule })}
          />
        </View>
        <Field
          label={`Words of ${nth}`}
          hideLabel
          placeholder="What to say. {{ first_name }} and {{ phone }} are filled in."
          value={beat.words}
          onChangeText={(words) => onChange({ ...beat, words })}
        />
        <View className="flex-row flex-wrap gap-x-3">
          <Button
            weight="quiet"
            label="Earlier"
            spoken={`Move ${nth} earlier`}
            disabled={index === 0}
            onPress={() => onMove(-1)}
          />
          <Button
            weight="quiet"
            label="Later"
            spoken={`Move ${nth} later`}
            disabled={last}
            onPress={() => onMove(1)}
          />
          <Button weight="quiet" label="Copy" spoken={`Copy ${nth}`} onPress={onCopy} />
          <Button weight="quiet" label="Remove" spoken={`Remove ${nth}`} onPress={onDelete} />
        </View>
      </View>
    </View>,
  );
}
