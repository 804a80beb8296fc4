import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { createElement, useState } from 'react';
import { View } from 'react-native';

import { Body, Button, Choice, Field, KindMark, Lead, Select, Soft } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import { SENDABLE, timingWords, type Timing } from '@/core/cadences';
import type { DayRule } from '@/core/calendar';
import { partsOf, sentenceCase, weekdayOf, type DayNumber } from '@/core/time';

import { ErrandTarget, kindOptions, turned, whatOf, type Targets } from './errand';
import { TimingField } from './timing-field';

const RULE_OPTIONS: { value: DayRule; label: string }[] = [
  { value: 'next', label: 'next working day' },
  { value: 'previous', label: 'working day before' },
  { value: 'nearest', label: 'nearest working day' },
  { value: 'exact', label: 'exact day' },
];

const WAY_OPTIONS = [
  { value: 'hand', label: 'By my hand' },
  { value: 'auto', label: 'By itself' },
] as const;

interface Props {
  beat: Beat;
  targets: Targets;
  index: number;
  last: boolean;
  today: DayNumber;
  open: boolean;
  onOpen: () => void;
  onChange: (beat: Beat) => void;
  onMove: (by: 1 | -1) => void;
  onCopy: () => void;
  onDelete: () => void;
}

export const MOVE_HINT = 'Drag it, or use the arrow keys up and down.';

/** One beat: what and when in a line, all of it when it is opened. */
export function BeatRow(props: Props) {
  const { beat, targets, index, open, onOpen } = props;
  const sortable = useSortable({ id: beat.id });
  const nth = `beat ${index + 1}`;
  const handle = createElement(
    'button',
    {
      ref: sortable.setActivatorNodeRef,
      ...sortable.attributes,
      ...sortable.listeners,
      type: 'button',
      'aria-label': `Move ${nth}`,
      title: MOVE_HINT,
      onKeyDown: (event: KeyboardEvent) => {
        const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : null;
        if (!by) return;
        event.preventDefault();
        if (by < 0 ? index > 0 : !props.last) props.onMove(by);
      },
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
      className: 'border-b border-line bg-sheet py-2',
    },
    <View className="flex-row items-center gap-1">
      {handle}
      <KindMark kind={beat.kind} />
      <View className="min-w-0 flex-1 pl-1">
        <Lead numberOfLines={1}>
          {`${sentenceCase(timingWords(beat.timing))}, ${whatOf(beat, targets)}`}
        </Lead>
        <Soft numberOfLines={1}>{summary(beat)}</Soft>
      </View>
      <Button
        weight="quiet"
        label={open ? 'Fold' : 'Change'}
        spoken={`${open ? 'Fold' : 'Change'} ${nth}`}
        aria-expanded={open}
        onPress={onOpen}
      />
    </View>,
    open ? <BeatForm {...props} nth={nth} /> : null,
  );
}

function summary({ wordings, way, errand }: Beat): string {
  if (errand?.to === 'cadence') return 'By itself. This cadence goes on as well.';
  const more = wordings.length > 1 ? ` (${wordings.length} wordings take turns)` : '';
  const itself = way === 'auto' ? 'By itself. ' : '';
  return `${itself}${wordings[0] ?? 'No words yet'}${more}`;
}

function BeatForm({
  beat,
  targets,
  index,
  last,
  today,
  onChange,
  onMove,
  onCopy,
  onDelete,
  nth,
}: Props & { nth: string }) {
  const fresh = (on: Timing['on']): Timing => {
    if (on === beat.timing.on) return beat.timing;
    const { month, day } = partsOf(today + 30);
    switch (on) {
      case 'after':
        return { on, days: 0 };
      case 'date':
        return { on, month, day };
      case 'weekday':
        return { on, month, nth: 2, weekday: weekdayOf(today) };
      case 'around':
        return { on, date: 'birthday', days: -7 };
    }
  };
  const sendable = SENDABLE.includes(beat.kind);
  return (
    <View className="gap-3 px-3 py-2">
      <View className="flex-row flex-wrap items-center gap-2">
        <Select
          label={`Kind of ${nth}`}
          hideLabel
          className={beat.errand ? 'w-[220px]' : 'w-[140px]'}
          value={beat.errand?.to ?? beat.kind}
          options={kindOptions(targets)}
          onChange={(kind) => onChange(turned(beat, kind, targets))}
        />
        {beat.errand ? <ErrandTarget {...{ beat, targets, nth, onChange }} /> : null}
        <TimingField
          nth={nth}
          timing={beat.timing}
          fresh={fresh}
          onChange={(timing) => onChange({ ...beat, timing })}
        />
      </View>
      <View className="flex-row flex-wrap items-center gap-2">
        <Soft>Off days:</Soft>
        <Select
          label={`Where ${nth} moves from a day off`}
          hideLabel
          className="w-[180px]"
          value={beat.dayRule}
          options={RULE_OPTIONS}
          onChange={(dayRule) => onChange({ ...beat, dayRule })}
        />
        {sendable && !beat.errand ? (
          <Choice
            label={`How ${nth} goes out`}
            value={beat.way}
            options={WAY_OPTIONS}
            onChange={(way) => onChange({ ...beat, way })}
          />
        ) : null}
      </View>
      {beat.errand ? (
        <Soft>
          {beat.errand.to === 'cadence'
            ? 'Whoever comes to this beat is put on that cadence too, unless they are on it. To leave this one, let it end.'
            : 'The service gets the name, company, e-mail, phone and address of the person, with the words below. What it has been told can’t be taken back.'}
        </Soft>
      ) : beat.way === 'auto' ? (
        <Soft>
          Until sending is set up it waits, ready to go, and asks for nothing on your desk. Only
          people who did not say no get it.
        </Soft>
      ) : null}
      {beat.errand?.to === 'cadence' ? null : (
        <Wordings nth={nth} beat={beat} onChange={onChange} />
      )}
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
  );
}

/** One or several wordings; those left empty fall away when the cadence is saved. */
function Wordings({ nth, beat, onChange }: { nth: string } & Pick<Props, 'beat' | 'onChange'>) {
  const [shown, setShown] = useState<readonly string[]>(
    beat.wordings.length > 0 ? beat.wordings : [''],
  );
  const set = (next: readonly string[]) => {
    setShown(next);
    onChange({ ...beat, wordings: next.filter((words) => words.trim() !== '') });
  };
  return (
    <View className="gap-2">
      {shown.map((words, i) => (
        <Field
          key={i}
          label={shown.length === 1 ? `Words of ${nth}` : `Wording ${i + 1} of ${nth}`}
          hideLabel={shown.length === 1}
          multiline
          small={words.length < 60}
          placeholder="What to say. {{ first_name }} and {{ phone }} are filled in."
          value={words}
          onChangeText={(text) => set(shown.map((w, n) => (n === i ? text : w)))}
        />
      ))}
      <Button
        weight="quiet"
        className="self-start"
        label="Another wording"
        spoken={`Another wording for ${nth}`}
        disabled={shown.at(-1)!.trim() === ''}
        onPress={() => setShown([...shown, ''])}
      />
      {shown.length > 1 ? (
        <Body>They take turns, so that nobody reads the same twice in a row.</Body>
      ) : null}
    </View>
  );
}
