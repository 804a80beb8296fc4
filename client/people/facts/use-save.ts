import { useWrite } from '@/client/api';
import { editPerson, type PersonSheet } from '@/contract/people';
import type { CallInput } from '@/contract/endpoint';

export type FieldChange = Omit<NonNullable<CallInput<typeof editPerson>['body']>, 'version'>;

/** Saves one field of a sheet, on the version that is shown. */
export function useSave(sheet: PersonSheet) {
  const edit = useWrite(editPerson);
  return {
    busy: edit.isPending,
    error: edit.error,
    save: (change: FieldChange, onSaved?: () => void) =>
      // The promise, because the form may be gone when the saved sheet is shown.
      void edit
        .mutateAsync({ params: { id: sheet.id }, body: { ...change, version: sheet.version } })
        .then(onSaved, () => undefined),
  };
}
