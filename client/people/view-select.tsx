import { useRouter } from 'expo-router';

import { Select } from '@/client/ui';
import type { PeopleFilter, PeopleSort } from '@/contract/filters';
import type { SavedView } from '@/contract/views';

import { useViews } from './use-views';

const AMONG = [
  { value: 'among:archived', label: 'Archived' },
  { value: 'among:deleted', label: 'Deleted' },
];

interface Props {
  filter: PeopleFilter;
  onFilter: (filter: PeopleFilter) => void;
  onSort: (sort: PeopleSort) => void;
}

/** The views that the owner kept, with how many each finds now. */
export function ViewSelect({ filter, onFilter, onSort }: Props) {
  const router = useRouter();
  const views = useViews();
  const shown = (views.data?.views ?? []).filter(({ hidden }) => !hidden);
  const same = (view: SavedView) => JSON.stringify(view.filter) === JSON.stringify(filter);
  const open = (value: string) => {
    if (value === 'arrange') return router.navigate('/people/views');
    if (value.startsWith('among:')) return onFilter({ among: value.slice(6) as 'archived' });
    const view = shown.find(({ id }) => id === value);
    onFilter(view?.filter ?? {});
    if (view) onSort(view.sort);
  };
  const at = filter.among ? `among:${filter.among}` : (shown.find(same)?.id ?? '');
  return (
    <Select
      label="View"
      hideLabel
      className="min-w-0 flex-1"
      value={at}
      options={[
        { value: '', label: Object.keys(filter).length > 0 && at === '' ? 'No view' : 'Everybody' },
        ...shown.map(({ id, name, people }) => ({ value: id, label: `${name} (${people})` })),
        ...AMONG,
        { value: 'arrange', label: 'Arrange the views…' },
      ]}
      onChange={open}
    />
  );
}
