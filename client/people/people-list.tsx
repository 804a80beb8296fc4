import { useVirtualizer } from '@tanstack/react-virtual';
import { useGlobalSearchParams, useRouter, type Href } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Pressable, Text, TextInput, View } from 'react-native';

import { Button, Fault, Lead, Linked, pressOnSpace, Soft, Title, useWide } from '@/client/ui';
import type { PeopleFilter, Who } from '@/contract/filters';
import type { PersonRow } from '@/contract/people';

import { isGroup } from '@/core/people';

import { FilterBar } from './filter-bar';
import { useListView } from './list-view';
import { ManyBar } from './many-bar';
import { Standing } from './standing';
import { Strip } from './strip';
import { PAGE_ROWS, usePeoplePages } from './use-people';

const ROW_HEIGHT = 72;

/** Whom are picked: single ones, or everybody whom the filter finds. */
type Picked = { all: true } | { all: false; ids: ReadonlySet<string> };
const walk = { onKeyDown: moveFocus } as object;
const NOBODY: Picked = { all: false, ids: new Set() };

/** Who is slipping: everybody, searched, filtered and sorted, at any size. */
export function PeopleList({ openId }: { openId: string | null }) {
  const { find, batch } = useGlobalSearchParams<{ find?: string; batch?: string }>();
  const router = useRouter();
  const { filter, setFilter, sort, setSort, offset } = useListView();
  const [picked, setPicked] = useState<Picked | null>(null);
  const search = useRef<TextInput>(null);
  useEffect(() => {
    if (find) search.current?.focus();
  }, [find]);
  useEffect(() => {
    if (batch) setFilter({ batchId: batch });
  }, [batch, setFilter]);
  const change = (next: PeopleFilter) => {
    if (!next.text && sort === 'match') setSort('slack');
    setFilter(next);
    setPicked((before) => before && NOBODY);
  };
  // A search begins in the order of what it finds; clearing it goes back to who is least in time.
  const searchFor = (text: string) => {
    if (text && !filter.text && sort === 'slack') setSort('match');
    const { text: _, ...rest } = filter;
    change(text ? { ...rest, text } : rest);
  };
  const scroller = useRef<View>(null);
  const [pages, setPages] = useState<number[]>([0]);
  const { rows, total, near, error } = usePeoplePages(filter, sort, pages);
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is memoized on it
  const virtual = useVirtualizer({
    count: total ?? 0,
    getScrollElement: () => scroller.current as unknown as HTMLElement,
    estimateSize: () => ROW_HEIGHT,
    overscan: 8,
    initialOffset: offset.current,
    onChange: (list) => {
      offset.current = list.scrollOffset ?? 0;
    },
  });
  const visible = virtual.getVirtualItems();
  const first = Math.floor((visible[0]?.index ?? 0) / PAGE_ROWS);
  const last = Math.floor((visible.at(-1)?.index ?? 0) / PAGE_ROWS);
  useEffect(() => {
    setPages(Array.from({ length: last - first + 1 }, (_, i) => first + i));
  }, [first, last]);

  const who: Who = picked?.all ? { filter } : { ids: picked ? [...picked.ids] : [] };
  const pickedCount = picked?.all ? (total ?? 0) : (picked?.ids.size ?? 0);
  const pick = (row: PersonRow) => {
    const ids = new Set(picked && !picked.all ? picked.ids : []);
    if (!ids.delete(row.id)) ids.add(row.id);
    setPicked({ all: false, ids });
  };
  return (
    <View className="h-full w-full">
      <View className="gap-2 px-[18px] pt-5">
        <View className="flex-row items-center gap-2">
          <View className="flex-1 flex-row items-baseline gap-2">
            <Title>People</Title>
            <Text role="status" className="font-sans text-[17px] tabular-nums text-soft">
              {total ?? ''}
            </Text>
          </View>
          <Button
            weight="quiet"
            label={picked ? 'Stop choosing' : 'Choose'}
            onPress={() => setPicked(picked ? null : NOBODY)}
          />
          <Button
            label="Add"
            spoken="Add somebody"
            onPress={() => router.navigate(addPath(filter))}
          />
        </View>
        <TextInput
          ref={search}
          role="searchbox"
          aria-label="Search people"
          placeholder="Names, notes, streets, numbers"
          value={filter.text ?? ''}
          onChangeText={searchFor}
          className="min-h-[44px] rounded border border-edge bg-sheet px-3 font-sans text-[16px] text-ink"
        />
        <FilterBar filter={filter} sort={sort} onFilter={change} onSort={setSort} />
      </View>
      {error ? <Fault className="px-[18px]">{error.message}</Fault> : null}
      {near ? (
        <Soft role="status" className="px-[18px] pb-1">
          Nobody is spelled like that. These are near.
        </Soft>
      ) : null}
      {total === 0 ? <Nobody filtered={Object.values(filter).some(Boolean)} /> : null}
      <View ref={scroller} className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
        <View role="list" aria-label="People" {...walk} style={{ height: virtual.getTotalSize() }}>
          {visible.map(({ index, start }) => {
            const row = rows.get(index);
            return (
              <View
                // A place that somebody else moves into is a new one, so that no press meets the wrong one.
                key={`${index} ${row?.id}`}
                role="listitem"
                className="absolute inset-x-0"
                style={{ height: ROW_HEIGHT, transform: [{ translateY: start }] }}
              >
                {row ? (
                  <Row
                    row={row}
                    open={row.id === openId}
                    picked={picked ? picked.all || picked.ids.has(row.id) : null}
                    onPick={() => pick(row)}
                  />
                ) : null}
              </View>
            );
          })}
        </View>
      </View>
      {picked ? (
        <ManyBar
          who={who}
          people={pickedCount}
          all={total ?? 0}
          onAll={() => setPicked({ all: true })}
          onClear={() => setPicked(null)}
        />
      ) : null}
    </View>
  );
}

/** Somebody added while a tag or a circle is looked at gets what puts them into it. */
function addPath(filter: PeopleFilter): Href {
  const parts: Record<string, string> = {};
  const lines = filter.rules?.match === 'all' ? filter.rules.of : [];
  for (const line of lines)
    if (
      !isGroup(line) &&
      line.field === 'tag' &&
      line.values.length === 1 &&
      line.test !== 'noneOf'
    )
      parts.tag = String(line.values[0]);
  if (filter.tags?.length === 1) parts.tag = filter.tags[0]!;
  if (filter.circleIds?.length === 1) parts.circle = filter.circleIds[0]!;
  return `/people/add?${new URLSearchParams(parts)}` as Href;
}

const Nobody = ({ filtered }: { filtered: boolean }) => (
  <Soft className="px-[18px] py-4">
    {filtered
      ? 'Nobody matches. Loosen the search or the filters.'
      : 'Nobody is here yet. Add or import people.'}
  </Soft>
);

interface RowProps {
  row: PersonRow;
  open: boolean;
  /** Null outside of choosing. */
  picked: boolean | null;
  onPick: () => void;
}

/** The arrows walk through the rows; a row in view is always there, because the list follows. */
function moveFocus(event: KeyboardEvent): void {
  const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  const item = (event.target as HTMLElement).closest('[role=listitem]');
  if (step === 0 || !item) return;
  event.preventDefault();
  const next = step > 0 ? item.nextElementSibling : item.previousElementSibling;
  next?.querySelector<HTMLElement>('a, [tabindex="0"]')?.focus();
}

const ROW = 'h-full flex-row items-center gap-3 border-b border-line px-[18px]';

function Row({ row, open, picked, onPick }: RowProps) {
  if (picked === null)
    return (
      <Linked
        href={`/people/${row.id}`}
        aria-current={open ? 'page' : undefined}
        className={`${ROW} ${open ? 'border-l-[3px] border-l-ink bg-sheet' : ''}`}
      >
        <RowText row={row} />
      </Linked>
    );
  return (
    <Pressable
      role="checkbox"
      aria-checked={picked}
      onPress={onPick}
      className={ROW}
      {...pressOnSpace(onPick)}
    >
      <View
        className={`h-5 w-5 items-center justify-center rounded border ${picked ? 'border-ink bg-ink' : 'border-edge bg-sheet'}`}
      >
        {picked ? <Text className="text-[13px] leading-4 text-paper">✓</Text> : null}
      </View>
      <RowText row={row} />
    </Pressable>
  );
}

function RowText({ row }: { row: PersonRow }) {
  const wide = useWide();
  const where = [row.circle, row.place].filter(Boolean).join(' · ');
  return (
    <>
      <View className="min-w-0 flex-1">
        <Lead numberOfLines={1}>{row.name}</Lead>
        <Soft numberOfLines={1}>{where || row.company || 'No circle yet'}</Soft>
      </View>
      {wide ? <Strip recent={row.recent} promiseDays={row.standing.promiseDays} /> : null}
      <View className="w-[112px] items-end">
        <Standing standing={row.standing} />
      </View>
    </>
  );
}
