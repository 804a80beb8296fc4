import { useState } from 'react';

import { Field, Select, type Option } from '@/client/ui';
import type { PersonSheet } from '@/contract/people';

import { Fact, SaveBar } from './fact';
import { useSave, type FieldChange } from './use-save';

interface Common {
  sheet: PersonSheet;
  label: string;
  open?: boolean;
  onClose?: () => void;
}

interface TextProps extends Common {
  value: string;
  shown?: string;
  hint?: string;
  toChange: (text: string) => FieldChange;
}

/** A fact that is a line of text. */
export function TextFact({ sheet, label, value, shown, hint, toChange, ...rest }: TextProps) {
  const [text, setText] = useState(value);
  const { busy, error, save } = useSave(sheet);
  return (
    <Fact label={label} value={shown ?? value} {...rest}>
      {(close) => {
        const keep = () => save(toChange(text), close);
        return (
          <>
            <Field
              label={label}
              hideLabel
              autoFocus
              placeholder={hint}
              value={text}
              onChangeText={setText}
              onSubmitEditing={keep}
            />
            <SaveBar busy={busy} error={error} onSave={keep} onClose={close} />
          </>
        );
      }}
    </Fact>
  );
}

interface ChoiceProps extends Common {
  value: string;
  options: readonly Option<string>[];
  toChange: (value: string) => FieldChange;
}

/** A fact that is one of several; choosing it keeps it. */
export function ChoiceFact({ sheet, label, value, options, toChange, ...rest }: ChoiceProps) {
  const { busy, error, save } = useSave(sheet);
  const shown = options.find((option) => option.value === value && value !== '')?.label ?? value;
  return (
    <Fact label={label} value={shown} {...rest}>
      {(close) => (
        <>
          <Select
            label={label}
            hideLabel
            className="max-w-[320px]"
            value={value}
            options={options}
            onChange={(next) => save(toChange(next), close)}
          />
          <SaveBar busy={busy} error={error} onSave={close} onClose={close} />
        </>
      )}
    </Fact>
  );
}

interface WordsProps extends Common {
  values: readonly string[];
  /** What can be taken with one press. */
  known: readonly string[];
  /** Stands before each when they are shown. */
  mark?: string;
  toChange: (values: string[]) => FieldChange;
}

export const listed = (text: string): string[] =>
  text
    .split(/[,;\n]/)
    .map((part) => part.trim().replace(/^#/, ''))
    .filter(Boolean);

/** A fact that is several words: tags, roles, interests. */
export function WordsFact({ values, known, mark = '', toChange, ...rest }: WordsProps) {
  const left = known.filter((word) => !values.includes(word)).slice(0, 8);
  return (
    <TextFact
      {...rest}
      value={values.join(', ')}
      shown={values.map((word) => `${mark}${word}`).join(mark ? ' ' : ', ')}
      hint={left.length > 0 ? `Such as ${left.join(', ')}` : 'Parted by commas'}
      toChange={(text) => toChange(listed(text))}
    />
  );
}
