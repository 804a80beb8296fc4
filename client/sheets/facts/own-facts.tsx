import { useRead } from '@/client/api';
import { useMoney } from '@/client/settings';
import { readLists } from '@/contract/lists';
import type { PersonSheet } from '@/contract/people';
import type { OwnField } from '@/contract/record';
import type { OwnValue } from '@/core/people';

import { ChoiceFact, TextFact } from './simple';

const HINTS = {
  text: '',
  number: 'A number',
  money: 'An amount, such as 1,250',
  date: 'May 4, 2027',
} as const;

interface Props {
  sheet: PersonSheet;
  /** The field that is being added although it is empty. */
  adding: string | null;
  onDone: () => void;
}

/** The fields that the owner made. */
export function OwnFacts({ sheet, adding, onDone }: Props) {
  const lists = useRead(readLists);
  const shown = (lists.data?.field ?? []).filter(
    ({ id }) => sheet.fields.own[id] !== undefined || adding === id,
  );
  return shown.map((field) => (
    <OwnFact
      key={`${field.id} ${adding === field.id}`}
      sheet={sheet}
      field={field}
      open={adding === field.id}
      onClose={onDone}
    />
  ));
}

interface OneProps {
  sheet: PersonSheet;
  field: OwnField;
  open: boolean;
  onClose: () => void;
}

function OwnFact({ sheet, field, open, onClose }: OneProps) {
  const money = useMoney();
  const { own } = sheet.fields;
  const value = own[field.id];
  const toChange = (text: string) => {
    const { [field.id]: _, ...others } = own;
    if (text === '') return { own: others };
    return { own: { ...others, [field.id]: field.type === 'flag' ? text === 'yes' : text } };
  };
  const common = { sheet, name: `own.${field.id}`, label: field.name, open, onClose, toChange };
  if (field.type === 'flag' || field.type === 'choice') {
    const choices = field.type === 'flag' ? ['yes', 'no'] : field.choices;
    return (
      <ChoiceFact
        {...common}
        value={chosen(value)}
        options={[
          { value: '', label: 'Not known' },
          ...choices.map((choice) => ({ value: choice, label: choice })),
        ]}
      />
    );
  }
  const isMoney = field.type === 'money' && value !== undefined;
  return (
    <TextFact
      {...common}
      value={isMoney ? String(Number(value) / 100) : chosen(value)}
      shown={isMoney ? money(Number(value)) : chosen(value)}
      hint={HINTS[field.type]}
    />
  );
}

function chosen(value: OwnValue | undefined): string {
  if (value === undefined) return '';
  return typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
}
