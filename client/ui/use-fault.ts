import { useEffect } from 'react';
import { get, useFormState, type FieldValues } from 'react-hook-form';

import type { FormOf } from '@/client/api';

/** What is wrong with a part of a form that is shown as a whole; the form knows that it is shown. */
export function useFault<V extends FieldValues>(of: FormOf<V>, name: string): string | null {
  const { errors } = useFormState({ control: of.control });
  const { shows } = of;
  // eslint-disable-next-line react-hooks/exhaustive-deps -- `shows` does the same each time
  useEffect(() => shows(name), [name]);
  const error = get(errors, name) as { message?: string; root?: { message?: string } } | undefined;
  return error?.message ?? error?.root?.message ?? null;
}
