import type { FieldValues } from 'react-hook-form';

import { useWriteForm, type WriteForm } from '@/client/api';
import type { FieldChange } from '@/client/people';
import { editPerson, type PersonSheet } from '@/contract/people';

/** Under which name what was typed into a fact is found again. */
export const factKey = (sheet: PersonSheet, key: string): string => `fact ${sheet.id} ${key}`;

/** The form of one fact: it saves on the version that is shown, and is closed by having saved. */
export const useFact = <V extends FieldValues>(
  sheet: PersonSheet,
  key: string,
  {
    values,
    toChange,
    onSaved,
  }: { values: V; toChange: (values: V) => FieldChange; onSaved: () => void },
): WriteForm<V> =>
  useWriteForm(editPerson, {
    values,
    toInput: (given: V) => {
      const change = toChange(given);
      const seen = change.tags ? { tagsWere: sheet.tags } : {};
      return { params: { id: sheet.id }, body: { ...change, ...seen, version: sheet.version } };
    },
    onSaved,
    keepAs: factKey(sheet, key),
  });
