import { useEffect } from 'react';
import { get, useFormState, type FieldValues } from 'react-hook-form';

import type { FormOf } from '@/client/api';

/** What is wrong with a part of a form that is shown as a whole; the form knows that it is shown. */
export function useFault<V extends FieldValues>(of: FormOf<V>, name: string): string | null {
  const { errors } = useFormState({ control: of.control });
  const { shows } = of;
  useEffect(() => shows(name), [shows, name]);
  const error = get(errors, name) as { message?: string; root?: { message?: string } } | undefined;
  return error?.message ?? error?.root?.message ?? null;
}
