import { Pressable, Text, View } from 'react-native';

import { Lead, Linked, pressOnSpace, Soft, useWide } from '@/client/ui';
import type { PersonRow } from '@/contract/people';

import { Standing } from './standing';
import { Strip } from './strip';

interface Props {
  row: PersonRow;
  open: boolean;
  /** Null outside of choosing. */
  picked: boolean | null;
  onPick: () => void;
}

const ROW = 'h-full flex-row items-center gap-3 border-b border-line px-[18px]';

/** One person in the list: leads to their sheet, or is picked. */
export function PersonLine({ row, open, picked, onPick }: Props) {
  if (picked === null)
    return (
      <Linked
        href={`/people/${row.id}`}
        aria-current={open ? 'page' : undefined}
        className={`${ROW} ${open ? 'border-l-[3px] border-l-ink bg-sheet' : ''}`}
      >
        <Who row={row} />
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
        {picked ? <Text className="text-[0.8125rem] leading-4 text-paper">✓</Text> : null}
      </View>
      <Who row={row} />
    </Pressable>
  );
}

function Who({ row }: { row: PersonRow }) {
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
