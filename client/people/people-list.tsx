import { useRouter, type Href } from 'expo-router';
import { useRef, type RefObject } from 'react';
import { Text, TextInput, View } from 'react-native';

import { Button, Fault, Soft, Title } from '@/client/ui';
import type { PeopleFilter } from '@/contract/filters';
import { need } from '@/core/need';
import { isGroup } from '@/core/people';
import { figure } from '@/core/time';

import { FilterBar } from './filter-bar';
import { ManyBar } from './many-bar';
import { PersonLine } from './person-line';
import { ROW_HEIGHT, useList } from './use-list';

type Known = ReturnType<typeof useList>;

/** Who is slipping: everybody, searched, filtered and sorted, at any size. */
export function PeopleList({ openId }: { openId: string | null }) {
  const search = useRef<TextInput>(null);
  const scroller = useRef<View>(null);
  const known = useList({ search, scroller });
  const { filter, sort, setSort, change, rows, picking } = known;
  const { total, near, error } = rows;
  return (
    <View className="h-full w-full">
      <View className="gap-2 px-[18px] pt-5">
        <Head known={known} />
        <TextInput
          ref={search}
          role="searchbox"
          aria-label="Search people"
          placeholder="Names, notes, streets, numbers"
          value={filter.text ?? ''}
          onChangeText={known.searchFor}
          className="min-h-[44px] rounded border border-edge bg-sheet px-3 font-sans text-[1rem] text-ink"
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
      <Rows known={known} scroller={scroller} openId={openId} />
      {picking.picked ? (
        <ManyBar
          who={picking.who}
          people={picking.count}
          all={total ?? 0}
          onAll={picking.all}
          onClear={picking.end}
        />
      ) : null}
    </View>
  );
}

function Head({ known: { filter, rows, picking } }: { known: Known }) {
  const router = useRouter();
  return (
    <View className="flex-row items-center gap-2">
      <View className="flex-1 flex-row items-baseline gap-2">
        <Title>People</Title>
        <Text role="status" className="font-sans text-[1.0625rem] tabular-nums text-soft">
          {rows.total === undefined ? '' : figure(rows.total)}
        </Text>
      </View>
      <Button
        weight="quiet"
        label={picking.picked ? 'Stop choosing' : 'Choose'}
        onPress={picking.picked ? picking.end : picking.begin}
      />
      <Button label="Add" spoken="Add somebody" onPress={() => router.navigate(addPath(filter))} />
    </View>
  );
}

const walk = { onKeyDown: moveFocus } as object;

interface RowsProps {
  known: Known;
  scroller: RefObject<View | null>;
  openId: string | null;
}

function Rows({ known: { rows, picking }, scroller, openId }: RowsProps) {
  return (
    <View ref={scroller} className="min-h-0 flex-1 overflow-y-auto" tabIndex={-1}>
      <View role="list" aria-label="People" {...walk} style={{ height: rows.height }}>
        {rows.visible.map(({ index, start }) => {
          const row = rows.rows.get(index);
          return (
            <View
              // A place that somebody else moves into is a new one, so that no press meets the wrong one.
              key={`${index} ${row?.id}`}
              role="listitem"
              className="absolute inset-x-0"
              style={{ height: ROW_HEIGHT, transform: [{ translateY: start }] }}
            >
              {row ? (
                <PersonLine
                  row={row}
                  open={row.id === openId}
                  picked={picking.has(row.id)}
                  onPick={() => picking.pick(row.id)}
                />
              ) : null}
            </View>
          );
        })}
      </View>
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
      line.test !== 'noneOf' &&
      line.values.length === 1
    )
      parts.tag = String(line.values[0]);
  if (filter.tags?.length === 1) parts.tag = need(filter.tags[0]);
  if (filter.circleIds?.length === 1) parts.circle = need(filter.circleIds[0]);
  return `/people/add?${new URLSearchParams(parts)}` as Href;
}

const Nobody = ({ filtered }: { filtered: boolean }) => (
  <Soft className="px-[18px] py-4">
    {filtered
      ? 'Nobody matches. Loosen the search or the filters.'
      : 'Nobody is here yet. Add or import people.'}
  </Soft>
);

/** The arrows walk through the rows; a row in view is always there, because the list follows. */
function moveFocus(event: KeyboardEvent): void {
  const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  const item = (event.target as HTMLElement).closest('[role=listitem]');
  if (step === 0 || !item) return;
  event.preventDefault();
  const next = step > 0 ? item.nextElementSibling : item.previousElementSibling;
  next?.querySelector<HTMLElement>('a, [tabindex="0"]')?.focus();
}
