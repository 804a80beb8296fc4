import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { createElement } from 'react';
import { View } from 'react-native';

import { DisclosureButton, Fault, KindMark, Lead, Soft } from '@/client/ui';
import type { Beat } from '@/contract/cadences';
import { timingWords } from '@/core/cadences';
import { sentenceCase } from '@/core/time';

import { BeatForm, type BeatProps } from './beat-form';
import { whatOf } from './errand';

export const MOVE_HINT = 'Drag it, or use the arrow keys up and down.';

/** One beat: what and when in a line, all of it when it is opened. */
export function BeatRow(props: BeatProps) {
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
      className: 'min-h-[44px] w-[44px] shrink-0 cursor-grab touch-none text-[1.125rem] text-soft',
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
      <DisclosureButton
        weight="quiet"
        label="Change"
        openLabel="Hide"
        about={nth}
        open={open}
        onToggle={onOpen}
      />
    </View>,
    props.fault ? <Fault className="px-3">{props.fault}</Fault> : null,
    open ? <BeatForm {...props} nth={nth} /> : null,
  );
}

function summary({ wordings, way, errand }: Beat): string {
  if (errand?.to === 'cadence') return 'By itself. This cadence goes on as well.';
  const more = wordings.length > 1 ? ` (${wordings.length} wordings take turns)` : '';
  const itself = way === 'auto' ? 'By itself. ' : '';
  return `${itself}${wordings[0] ?? 'No words yet'}${more}`;
}
