import { useState } from 'react';
import { View } from 'react-native';

import { useRead } from '@/client/api';
import { Body, Button, Choice, Heading, Select, Soft } from '@/client/ui';
import type { ImportPreview } from '@/contract/imports';
import { readLists } from '@/contract/lists';
import { need } from '@/core/need';
import { asUse, partsOfUse, type ColumnUse } from '@/core/people';
import { plural } from '@/core/time';

import type { Change } from './use-import';
import { hasPartners, orderOf, unclearColumns, optionsOf, withUse } from './uses';

interface Props {
  preview: ImportPreview;
  onChange: (change: Change) => void;
}

const PARTNERS = [
  { value: 'tie', label: 'A tie by name' },
  { value: 'person', label: 'People of the same home' },
] as const;

/** What only the owner can tell, asked once for the whole file. */
export function ImportQuestions({ preview, onChange }: Props) {
  return (
    <>
      {unclearColumns(preview).map((i) => (
        <OrderOf key={i} preview={preview} column={i} onChange={onChange} />
      ))}
      {hasPartners(preview) ? (
        <View>
          <Body>What partners in it become</Body>
          <Choice
            label="What partners become"
            value={preview.partners}
            options={PARTNERS}
            onChange={(partners) => onChange({ partners })}
          />
        </View>
      ) : null}
    </>
  );
}

const ORDERS = [
  { value: 'mdy', label: 'The month' },
  { value: 'dmy', label: 'The day' },
] as const;

function OrderOf({ preview, column, onChange }: Props & { column: number }) {
  const { name, unclear, samples } = need(preview.columns[column]);
  const use = need(preview.mapping[column]);
  const shown = (unclear.length > 0 ? unclear : samples).slice(0, 2);
  return (
    <View className="border-l-2 border-warn pl-3">
      <Body>{`Which comes first in ${name}? It says ${shown.join(', ')}.`}</Body>
      <Choice
        label={`Which comes first in ${name}`}
        value={orderOf(use) ?? ('' as 'mdy')}
        options={ORDERS}
        onChange={(order) =>
          onChange({ mapping: withUse(preview, column, asUse(partsOfUse(use).to, order)) })
        }
      />
    </View>
  );
}

/** What each column of the file holds, as it was guessed and can be put right; not understood ones first. */
export function ImportColumns({ preview, onChange }: Props) {
  const [all, setAll] = useState(false);
  const { columns } = preview;
  if (columns.length === 0) return null;
  const places = columns.map((_, i) => i);
  const odd = places.filter((i) => need(columns[i]).by !== 'heading');
  const shown = all ? [...odd, ...places.filter((i) => !odd.includes(i))] : odd;
  const left = columns.length - odd.length;
  return (
    <View className="gap-2">
      <Heading>What the columns hold</Heading>
      {shown.map((i) => (
        <ColumnUseOf key={i} preview={preview} column={i} onChange={onChange} />
      ))}
      {left > 0 ? (
        <Button
          weight="quiet"
          className="self-start"
          label={
            all
              ? 'Only those not understood'
              : `${plural(left, 'column')} understood by the heading`
          }
          onPress={() => setAll(!all)}
        />
      ) : null}
    </View>
  );
}

const BY = {
  heading: '',
  content: 'Guessed by what stands in it. ',
  none: 'Nobody understands this heading. ',
};

function ColumnUseOf({ preview, column, onChange }: Props & { column: number }) {
  const lists = useRead(readLists);
  const { name, samples, by } = need(preview.columns[column]);
  const { options, value } = optionsOf(preview.mapping[column] ?? null, lists.data?.field ?? []);
  const called = name || `column ${column + 1}`;
  return (
    <View className="flex-row flex-wrap items-center gap-x-3 gap-y-1">
      <View className="min-w-[9rem] flex-1">
        <Body numberOfLines={1}>{name || `Column ${column + 1}`}</Body>
        <Soft numberOfLines={2}>{`${BY[by]}${samples.join(' · ') || 'It is empty.'}`}</Soft>
      </View>
      <Select
        label={`What ${called} holds`}
        hideLabel
        className="w-[240px]"
        value={value}
        options={options}
        onChange={(use) =>
          onChange({ mapping: withUse(preview, column, (use || null) as ColumnUse | null) })
        }
      />
    </View>
  );
}
