import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';

import { Body, Button } from '@/client/ui';
import type { Who } from '@/contract/filters';
import { figure, plural } from '@/core/time';

import { ChangeForm } from './change-form';
import { ExportForm } from './export-form';
import { useSelection } from './selection';

interface Props {
  who: Who;
  people: number;
  onClear: () => void;
  onAll: () => void;
  all: number;
}

/** What can be done with the people chosen; always with their exact number. */
export function ManyBar({ who, people, onClear, onAll, all }: Props) {
  const router = useRouter();
  const { setSelection } = useSelection();
  const [open, setOpen] = useState<'none' | 'change' | 'export'>('none');
  const goWith = (to: '/enrol' | '/write-many') => () => {
    setSelection({ who, people });
    router.navigate(to as '/');
  };
  const none = people === 0;
  return (
    <View className="gap-2 border-t border-line bg-sheet px-[18px] py-2">
      <View className="flex-row items-center gap-2">
        <Body className="flex-1 font-sans-semibold">{`${plural(people, 'person', 'people')} selected`}</Body>
        {people < all ? (
          <Button weight="quiet" label={`Select all ${figure(all)}`} onPress={onAll} />
        ) : null}
        <Button weight="quiet" label="Done" onPress={onClear} />
      </View>
      <View className="flex-row flex-wrap items-center gap-2">
        <Button weight="main" label="Enroll" disabled={none} onPress={goWith('/enrol')} />
        <Button label="Write" disabled={none} onPress={goWith('/write-many')} />
        <Button label="Change" disabled={none} onPress={() => setOpen('change')} />
        <Button label="Export" disabled={none} onPress={() => setOpen('export')} />
      </View>
      {open === 'change' ? (
        <ChangeForm who={who} people={people} onClose={() => setOpen('none')} />
      ) : null}
      {open === 'export' ? (
        <ExportForm who={who} people={people} onClose={() => setOpen('none')} />
      ) : null}
    </View>
  );
}
