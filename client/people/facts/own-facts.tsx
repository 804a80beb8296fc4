import { useRead } from '@/client/api';
import { useMoney } from '@/client/settings';
import { readLists } from '@/contract/lists';
import type { PersonSheet } from '@/contract/people';
import type { OwnField } from '@/contract/record';
import type { OwnValue } from '@/core/people';

import { ChoiceFact, TextFact } from './simple';

function ownWords(
  field: Pick<OwnField, 'type'>,
  value: OwnValue | undefined,
  money: (minor: number) => string,
): string {
  if (value === undefined) return '';
  if (field.type === 'flag') return value ? 'Yes' : 'No';
  return field.type === 'money' ? money(Number(value)) : String(value);
}

const HINTS = {
  text: '',
  number: 'A number',
  money: 'An amount, such as 1,250',
  date: 'YYYY-MM-DD',
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
      key={field.id}
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
    // Money is typed in whole units; what is kept as a number goes as it is.
    return { own: { ...others, [field.id]: field.type === 'flag' ? text === 'yes' : text } };
  };
  const common = { sheet, label: field.name, open, onClose };
  if (field.type === 'flag' || field.type === 'choice') {
    const choices = field.type === 'flag' ? ['yes', 'no'] : field.choices;
    return (
      <ChoiceFact
        {...common}
        value={
          value === undefined
            ? ''
            : typeof value === 'boolean'
              ? value
                ? 'yes'
                : 'no'
              : String(value)
        }
        options={[
          { value: '', label: 'Not known' },
          ...choices.map((choice) => ({ value: choice, label: choice })),
        ]}
        toChange={toChange}
      />
    );
  }
  const text =
    value === undefined ? '' : field.type === 'money' ? String(Number(value) / 100) : String(value);
  return (
    <TextFact
      {...common}
      value={text}
      shown={ownWords(field, value, money)}
      hint={HINTS[field.type]}
      toChange={toChange}
    />
  );
}
