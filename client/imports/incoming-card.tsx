import type { ReactNode } from 'react';
import { View } from 'react-native';

import { Body, Soft } from '@/client/ui';
import type { ImportPreview, IncomingPerson } from '@/contract/imports';

import { Cell } from './cell';
import { PersonHead } from './person-head';
import { takenOf } from './taken';

interface Props {
  preview: ImportPreview;
  person: IncomingPerson;
  onEdit: (row: number, column: number, value: string) => void;
}

/** Somebody from a file with all that was taken, one below the other. */
export function IncomingCard({ preview, person, onEdit }: Props) {
  const cells = takenOf(preview, person).filter(({ cell }) => cell !== '');
  return (
    <View className="gap-1 py-3 lg:px-4">
      <PersonHead person={person} />
      {cells.map((taken) => (
        <Line key={taken.column} what={taken.heading}>
          <Cell
            taken={taken}
            name={person.name}
            onEdit={(value) => onEdit(person.row, taken.column, value)}
          />
        </Line>
      ))}
      {preview.columns.length === 0
        ? person.facts.map(({ what, value }, i) => (
            <Line key={i} what={what}>
              <Body>{value}</Body>
            </Line>
          ))
        : null}
    </View>
  );
}

const Line = ({ what, children }: { what: string; children: ReactNode }) => (
  <View className="flex-row items-start gap-3">
    <Soft className="w-[112px] pt-2 leading-6" numberOfLines={2}>
      {what}
    </Soft>
    <View className="min-w-0 flex-1 pt-1">{children}</View>
  </View>
);
