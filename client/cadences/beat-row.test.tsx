import { DndContext } from '@dnd-kit/core';
import { SortableContext } from '@dnd-kit/sortable';
import { fireEvent, render, screen } from '@testing-library/react';

import type { Beat } from '@/contract/cadences';
import { plainDate, toDayNumber } from '@/core/time';

import { BeatRow } from './beat-row';
import { kindOptions, turned } from './errand';

const today = toDayNumber(plainDate('2026-11-23'));
const beat: Beat = {
  id: 'b',
  timing: { on: 'around', date: 'birthday', days: -7 },
  kind: 'card',
  wordings: ['For your day.', 'All good wishes.'],
  dayRule: 'next',
  way: 'auto',
};

const show = (open: boolean, shown = beat) => {
  const changed: Beat[] = [];
  const { unmount } = render(
    <DndContext>
      <SortableContext items={['b']}>
        <BeatRow
          beat={shown}
          targets={{
            cadences: [{ id: 'c', name: 'Cards' }],
            services: [{ id: 's', name: 'Letters' }],
            templates: [],
          }}
          index={0}
          last
          today={today}
          open={open}
          onOpen={() => {}}
          onChange={(next) => changed.push(next)}
          onMove={() => {}}
          onCopy={() => {}}
          onDelete={() => {}}
        />
      </SortableContext>
    </DndContext>,
  );
  return Object.assign(changed, { unmount });
};

test('folded it says when, what, and how it goes out', () => {
  show(false);
  expect(screen.getByText('7 days before their birthday, card')).toBeTruthy();
  expect(screen.getByText('By itself. For your day. (2 wordings take turns)')).toBeTruthy();
});

test('wordings that are emptied fall away, and new ones join', () => {
  const changed = show(true);
  fireEvent.change(screen.getByDisplayValue('All good wishes.'), { target: { value: '' } });
  expect(changed.at(-1)!.wordings).toEqual(['For your day.']);
  fireEvent.change(screen.getByDisplayValue('For your day.'), {
    target: { value: 'For your own day.' },
  });
  expect(changed.at(-1)!.wordings[0]).toBe('For your own day.');
});

test('it says that it waits until sending is set up', () => {
  const changed = show(true);
  expect(screen.getByText(/Until sending is set up it waits/)).toBeTruthy();
  fireEvent.click(screen.getByText('By my hand'));
  expect(changed.at(-1)!.way).toBe('hand');
});

test('a beat that is no touch says what it does, and touches nobody', () => {
  const errand = { ...beat, kind: 'other', errand: { to: 'service', serviceId: 's' } } as const;
  const first = show(false, { ...errand, wordings: ['Add {{ name }}'] });
  expect(screen.getByText('7 days before their birthday, tell Letters')).toBeTruthy();
  first.unmount();
  show(false, { ...errand, wordings: [], errand: { to: 'cadence', cadenceId: 'c' } });
  expect(screen.getByText('7 days before their birthday, begin Cards')).toBeTruthy();
  expect(screen.getByText('By itself. This cadence goes on as well.')).toBeTruthy();
});

test('turned into an errand it goes by itself, and back into a touch by hand', () => {
  const targets = { cadences: [{ id: 'c', name: 'Cards' }], services: [], templates: [] };
  expect(kindOptions(targets).map(({ value }) => value)).not.toContain('service');
  const errand = turned(beat, 'cadence', targets);
  expect(errand).toMatchObject({
    kind: 'other',
    way: 'auto',
    wordings: [],
    errand: { to: 'cadence', cadenceId: 'c' },
  });
  expect(turned(errand, 'email', targets)).toMatchObject({
    kind: 'email',
    way: 'hand',
    errand: null,
  });
});
