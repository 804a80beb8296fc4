import { View } from 'react-native';

import { Soft } from '@/client/ui';
import type { ImportPreview, IncomingPerson } from '@/contract/imports';
import { partsOfUse, wordsOfUse, type ColumnKey } from '@/core/people';

import { Cell } from './cell';
import { PersonHead } from './person-head';
import { takenOf } from './taken';

export const NAME_WIDTH = 240;
export const COLUMN_WIDTH = 208;

interface Props {
  preview: ImportPreview;
  person: IncomingPerson;
  onEdit: (row: number, column: number, value: string) => void;
}

/** One row of the file: who comes of it, and what was taken from each cell. */
export function IncomingRow({ preview, person, onEdit }: Props) {
  return (
    <View className="flex-row">
      <View role="cell" className="bg-sheet py-2 pl-4 pr-2" style={[{ width: NAME_WIDTH }, STICKY]}>
        <PersonHead person={person} />
      </View>
      {takenOf(preview, person).map((taken) => (
        <View key={taken.column} role="cell" style={{ width: COLUMN_WIDTH }} className="px-2 py-1">
          <Cell
            taken={taken}
            name={person.name}
            onEdit={(value) => onEdit(person.row, taken.column, value)}
          />
        </View>
      ))}
    </View>
  );
}

const STICKY = { position: 'sticky', left: 0, zIndex: 1 } as object;
const STICKY_HEAD = { position: 'sticky', top: 0, zIndex: 2 } as object;

/** The headings of the file, each with what it is used as. */
export function IncomingHead({ preview, width }: { preview: ImportPreview; width: number }) {
  return (
    <View
      role="row"
      className="flex-row border-b border-ink bg-sheet"
      style={[{ width }, STICKY_HEAD]}
    >
      <View
        role="columnheader"
        className="bg-sheet py-2 pl-4 pr-2"
        style={[{ width: NAME_WIDTH }, STICKY]}
      >
        <Soft>Comes in as</Soft>
      </View>
      {preview.columns.map(({ name }, i) => (
        <View key={i} role="columnheader" className="px-2 py-2" style={{ width: COLUMN_WIDTH }}>
          <Soft numberOfLines={1} className="font-sans-semibold text-ink">
            {name || `Column ${i + 1}`}
          </Soft>
          <Soft numberOfLines={1}>{wordsFor(preview.mapping[i] ?? null)}</Soft>
        </View>
      ))}
    </View>
  );
}

function wordsFor(use: ImportPreview['mapping'][number]): string {
  if (!use) return 'left out';
  const { to, which } = partsOfUse(use);
  return to.startsWith('own:')
    ? 'your own field'
    : wordsOfUse(to as ColumnKey, ORDER[which] ?? which);
}

const ORDER: Record<string, string> = { mdy: 'month first', dmy: 'day first' };
