import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Button, Chip, DisclosureButton, Select, Soft } from '@/client/ui';
import { toFilterQuery, type PeopleFilter, type PeopleSort } from '@/contract/filters';
import { peopleFacets } from '@/contract/people';
import { isGroup, type Group } from '@/core/people';
import { WARMTHS, type Warmth } from '@/core/touches';

import { Builder } from './find/builder';
import { ViewSelect } from './view-select';

const WARMTH_LABEL: Record<Warmth, string> = {
  quiet: 'Quiet',
  slipping: 'Slipping',
  soon: 'Soon',
  steady: 'Steady',
  fresh: 'Fresh',
};

const BEST_MATCH = { value: 'match', label: 'Best match first' } as const;
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

const linesIn = (group: Group): number =>
  group.of.reduce((sum, part) => sum + (isGroup(part) ? linesIn(part) : 1), 0);

/** Warmth and views at hand, everything else one tap away. */
export function FilterBar({ filter, sort, onFilter, onSort }: Props) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const lines =
    (filter.rules ? linesIn(filter.rules) : 0) +
    (['circleIds', 'tags', 'cadenceId', 'lacks', 'batchId'] as const).filter(
      (key) => filter[key] !== undefined,
    ).length;
  return (
    <View className="gap-1">
      <WarmthChips filter={filter} onFilter={onFilter} />
      <View className="flex-row items-center gap-2">
        <ViewSelect filter={filter} onFilter={onFilter} onSort={onSort} />
        <Select
          label="Order"
          hideLabel
          className="min-w-0 flex-1"
          value={sort}
          options={filter.text ? [BEST_MATCH, ...SORT_OPTIONS] : SORT_OPTIONS}
          onChange={onSort}
        />
      </View>
      <View className="-ml-2 flex-row flex-wrap items-center">
        <DisclosureButton
          weight="quiet"
          label={lines > 0 ? `More filters, ${lines} set` : 'More filters'}
          open={open}
          onToggle={() => setOpen(true)}
        />
        {Object.keys(filter).length > 0 ? (
          <Button weight="quiet" label="Clear all" onPress={() => onFilter({})} />
        ) : null}
        <View className="flex-1" />
        <Button weight="quiet" label="Tidy up" onPress={() => router.navigate('/tidy')} />
      </View>
      {filter.among === 'archived' || filter.among === 'deleted' ? (
        <Soft>{`Showing those ${filter.among}.`}</Soft>
      ) : null}
      {open ? (
        <Builder filter={filter} sort={sort} onFilter={onFilter} onClose={() => setOpen(false)} />
      ) : null}
    </View>
  );
}

function WarmthChips({ filter, onFilter }: Pick<Props, 'filter' | 'onFilter'>) {
  // Of what is looked for, how many are how warm: whichever of them are shown.
  const query = toFilterQuery(without(filter, 'warmths'));
  const facets = useRead(peopleFacets, { query }, { keepPrevious: true });
  const chosen = filter.warmths ?? [];
  const toggle = (warmth: Warmth) => {
    const next = chosen.includes(warmth) ? chosen.filter((w) => w !== warmth) : [...chosen, warmth];
    onFilter(next.length > 0 ? { ...filter, warmths: next } : without(filter, 'warmths'));
  };
  return (
    <View className="flex-row flex-wrap gap-x-3">
      {WARMTHS.toReversed().map((warmth) => (
        <Chip
          key={warmth}
          label={WARMTH_LABEL[warmth]}
          detail={facets.data?.warmth[warmth] ?? 0}
          chosen={chosen.includes(warmth)}
          onPress={() => toggle(warmth)}
        />
      ))}
    </View>
  );
}
