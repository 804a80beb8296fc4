import { useState, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';

import { useRead } from '@/client/api';
import { Button, Chip, Select, useWide } from '@/client/ui';
import { listCadences } from '@/contract/cadences';
import { LACKS, peopleFacets, type PeopleFilter, type PeopleSort } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import { WARMTHS, type Warmth } from '@/core/touches';

const WARMTH_LABEL: Record<Warmth, string> = {
  quiet: 'Quiet',
  slipping: 'Slipping',
  soon: 'Soon',
  steady: 'Steady',
  fresh: 'Fresh',
};
const LACK_LABEL = {
  phone: 'No phone',
  email: 'No e-mail',
  address: 'No address',
  circle: 'No circle',
} as const;

const SORT_OPTIONS = [
  { value: 'slack', label: 'Least time left first' },
  { value: 'name', label: 'By name' },
  { value: 'added', label: 'Latest in first' },
] as const;

interface Props {
  filter: PeopleFilter;
  sort: PeopleSort;
  onFilter: (filter: PeopleFilter) => void;
  onSort: (sort: PeopleSort) => void;
}

const without = (filter: PeopleFilter, key: keyof PeopleFilter): PeopleFilter => {
  const { [key]: _, ...rest } = filter;
  return rest;
};

/** Warmth at hand, the rest one tap away. */
export function FilterBar({ filter, sort, onFilter, onSort }: Props) {
  const facets = useRead(peopleFacets, {}, { keepPrevious: true });
  const [open, setOpen] = useState(false);

  const toggleWarmth = (warmth: Warmth) => {
    const chosen = filter.warmths ?? [];
    const next = chosen.includes(warmth) ? chosen.filter((w) => w !== warmth) : [...chosen, warmth];
    onFilter(next.length > 0 ? { ...filter, warmths: next } : without(filter, 'warmths'));
  };
  const extra = ['circleIds', 'tags', 'cadenceId', 'lacks', 'batchId'].filter(
    (key) => filter[key as keyof PeopleFilter] !== undefined,
  ).length;
  return (
    <View className="gap-1">
      <ChipRow>
        {WARMTHS.toReversed().map((warmth) => (
          <Chip
            key={warmth}
            label={WARMTH_LABEL[warmth]}
            detail={facets.data?.warmth[warmth] ?? 0}
            chosen={filter.warmths?.includes(warmth) ?? false}
            onPress={() => toggleWarmth(warmth)}
          />
        ))}
      </ChipRow>
      <View className="flex-row items-center justify-between gap-3">
        <Button
          weight="quiet"
          label={extra > 0 ? `More filters, ${extra} set` : 'More filters'}
          aria-expanded={open}
          onPress={() => setOpen(!open)}
        />
        <Select
          label="Order"
          hideLabel
          className="w-[190px]"
          value={sort}
          options={SORT_OPTIONS}
          onChange={onSort}
        />
      </View>
      {open ? <MoreFilters filter={filter} onFilter={onFilter} /> : null}
    </View>
  );
}

/** Wraps when there is room; on a phone it moves sideways under the thumb. */
function ChipRow({ children }: { children: ReactNode }) {
  const wide = useWide();
  if (wide) return <View className="flex-row flex-wrap gap-x-3">{children}</View>;
  return (
    <ScrollView
      horizontal
      showsHorizontalScrollIndicator={false}
      contentContainerClassName="gap-x-3"
      className="grow-0"
    >
      {children}
    </ScrollView>
  );
}

function MoreFilters({ filter, onFilter }: Pick<Props, 'filter' | 'onFilter'>) {
  const settings = useRead(getSettings);
  const facets = useRead(peopleFacets);
  const cadences = useRead(listCadences);
  const set = (key: 'circleIds' | 'tags' | 'cadenceId' | 'lacks', value: string) => {
    if (value === '') return onFilter(without(filter, key));
    const listed = key === 'circleIds' || key === 'tags';
    onFilter({ ...filter, [key]: listed ? [value] : value });
  };
  return (
    <View className="flex-row flex-wrap gap-3 pb-2">
      <Select
        label="Circle"
        className="w-[160px]"
        value={filter.circleIds?.[0] ?? ''}
        options={[
          { value: '', label: 'Any' },
          ...(settings.data?.circles ?? []).map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(value) => set('circleIds', value)}
      />
      <Select
        label="Tag"
        className="w-[160px]"
        value={filter.tags?.[0] ?? ''}
        options={[
          { value: '', label: 'Any' },
          ...(facets.data?.tags ?? []).map(({ name, people }) => ({
            value: name,
            label: `#${name} (${people})`,
          })),
        ]}
        onChange={(value) => set('tags', value)}
      />
      <Select
        label="On the cadence"
        className="w-[160px]"
        value={filter.cadenceId ?? ''}
        options={[
          { value: '', label: 'Any or none' },
          ...(cadences.data?.cadences ?? []).map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(value) => set('cadenceId', value)}
      />
      <Select
        label="Missing"
        className="w-[160px]"
        value={filter.lacks ?? ''}
        options={[
          { value: '', label: 'Nothing in particular' },
          ...LACKS.map((lack) => ({ value: lack, label: LACK_LABEL[lack] })),
        ]}
        onChange={(value) => set('lacks', value)}
      />
      {Object.keys(filter).length > 0 ? (
        <Button
          weight="quiet"
          className="self-end"
          label="Clear all"
          onPress={() => onFilter({})}
        />
      ) : null}
    </View>
  );
}
