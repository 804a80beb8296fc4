import type { FieldChange } from '@/client/people';
import type { FieldValues, Path } from 'react-hook-form';

import {
  InlineEdit,
  SaveBar,
  Select,
  TextField,
  useField,
  YearlyField,
  type Option,
} from '@/client/ui';
import type { PersonSheet } from '@/contract/people';
import { yearlyWords } from '@/core/time';

import { useFact } from './use-fact';

export interface FactProps {
  sheet: PersonSheet;
  /** The name of the field in the contract, where its faults show. */
  name: string;
  label: string;
  open?: boolean;
  onClose?: () => void;
}

interface TextProps extends FactProps {
  value: string;
  shown?: string;
  hint?: string;
  /** What it is in the contract, where that is not the text itself. */
  toValue?: (text: string) => unknown;
  toChange?: (text: string) => FieldChange;
}

/** A value under the name of its field, which may lie deeper: "own.height". */
const under = (name: string, value: unknown): FieldValues =>
  name.split('.').reduceRight<unknown>((inner, part) => ({ [part]: inner }), value) as FieldValues;
const within = (name: string, values: FieldValues): unknown =>
  name.split('.').reduce<unknown>((outer, part) => (outer as FieldValues)[part], values);

type FormProps = Pick<TextProps, 'sheet' | 'name' | 'label' | 'value' | 'hint'> & {
  change: (text: string) => FieldChange;
  onClose: () => void;
};

const useTextForm = ({ sheet, name, value, change, onClose }: FormProps) =>
  useFact<FieldValues>(sheet, name, {
    values: under(name, value),
    toChange: (given) => change(within(name, given) as string),
    onSaved: onClose,
  });

function TextForm(props: FormProps) {
  const form = useTextForm(props);
  return (
    <>
      <TextField
        of={form}
        name={props.name as Path<FieldValues>}
        label={props.label}
        hideLabel
        autoFocus
        placeholder={props.hint}
        onSubmitEditing={form.submit}
      />
      <SaveBar form={form} onClose={props.onClose} />
    </>
  );
}

/** A fact that is a line of text. */
export function TextFact({ shown, toValue, toChange, ...props }: TextProps) {
  const { name, label, value, open, onClose } = props;
  const change = toChange ?? ((text) => under(name, toValue ? toValue(text) : text) as FieldChange);
  return (
    <InlineEdit label={label} value={shown ?? value} {...{ open, onClose }}>
      {(close) => <TextForm {...props} change={change} onClose={close} />}
    </InlineEdit>
  );
}

interface ChoiceProps extends FactProps {
  value: string;
  options: readonly Option<string>[];
  toChange: (value: string) => FieldChange;
}

function ChoiceForm({ options, ...props }: FormProps & { options: readonly Option<string>[] }) {
  const form = useTextForm(props);
  const field = useField({ of: form, name: props.name as Path<FieldValues> });
  return (
    <>
      <Select
        label={props.label}
        hideLabel
        className="max-w-[320px]"
        value={field.value as string}
        options={options}
        fault={field.fault}
        onChange={(next) => {
          field.onChange(next);
          form.submit();
        }}
      />
      <SaveBar form={form} onClose={props.onClose} />
    </>
  );
}

/** A fact that is one of several; choosing it keeps it. */
export function ChoiceFact({ options, toChange, ...props }: ChoiceProps) {
  const { label, value, open, onClose } = props;
  const shown = options.find((option) => option.value === value && value !== '')?.label ?? value;
  return (
    <InlineEdit label={label} value={shown} {...{ open, onClose }}>
      {(close) => <ChoiceForm {...props} options={options} change={toChange} onClose={close} />}
    </InlineEdit>
  );
}

interface WordsProps extends FactProps {
  values: readonly string[];
  /** What can be taken with one press. */
  known: readonly string[];
  /** Stands before each when they are shown. */
  mark?: string;
}

export const listed = (text: string): string[] =>
  text
    .split(/[,;\n]/)
    .map((part) => part.trim().replace(/^#/, ''))
    .filter(Boolean);

/** A fact that is several words: tags, roles, interests. */
export function WordsFact({ values, known, mark = '', ...rest }: WordsProps) {
  const left = known.filter((word) => !values.includes(word)).slice(0, 8);
  return (
    <TextFact
      {...rest}
      value={values.join(', ')}
      shown={values.map((word) => `${mark}${word}`).join(mark ? ' ' : ', ')}
      hint={left.length > 0 ? `Such as ${left.join(', ')}` : 'Parted by commas'}
      toValue={listed}
    />
  );
}

function BirthdayForm({ sheet, onClose }: { sheet: PersonSheet; onClose: () => void }) {
  const form = useFact(sheet, 'birthday', {
    values: { birthday: sheet.fields.birthday },
    toChange: (given) => given,
    onSaved: onClose,
  });
  return (
    <>
      <YearlyField of={form} name="birthday" label="Birthday" hideLabel autoFocus />
      <SaveBar form={form} onClose={onClose} />
    </>
  );
}

/** The birthday, with or without its year. */
export const BirthdayFact = ({ sheet, open, onClose }: Omit<FactProps, 'name' | 'label'>) => (
  <InlineEdit
    label="Birthday"
    value={sheet.fields.birthday ? yearlyWords(sheet.fields.birthday) : ''}
    {...{ open, onClose }}
  >
    {(close) => <BirthdayForm sheet={sheet} onClose={close} />}
  </InlineEdit>
);
