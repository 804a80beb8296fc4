import { set, type FieldErrors } from 'react-hook-form';

import { inWords, type FieldFault } from '@/contract/faults';

/** Where faults stand that no field on the screen is about. */
export const WHOLE = 'whole';

/** The name of the field on the screen that a fault belongs to: itself, what it is in, or a part of it. */
export function placeOf(field: string, shown: ReadonlySet<string>): string | null {
  if (shown.has(field)) return field;
  const around = [...shown].filter((name) => field.startsWith(`${name}.`));
  if (around.length > 0) return around.sort((a, b) => b.length - a.length)[0]!;
  return [...shown].find((name) => field !== '' && name.startsWith(`${field}.`)) ?? null;
}

/** Faults as react-hook-form keeps them, each at its place on the screen. */
export function errorsOf(
  fields: readonly FieldFault[],
  message: string,
  shown: ReadonlySet<string>,
) {
  const errors = {};
  const homeless: FieldFault[] = [];
  for (const fault of fields) {
    const place = placeOf(fault.field, shown);
    if (place) set(errors, place, { type: 'refused', message: fault.message });
    else homeless.push(fault);
  }
  if (homeless.length > 0 || fields.length === 0) {
    const words = fields.length > 1 ? homeless.map(inWords).join(' ') : message;
    set(errors, WHOLE, { type: 'refused', message: words });
  }
  return errors as FieldErrors;
}

/** Nested errors by their names: { "phones.1.value": "…" }. */
export function flat(errors: object, before = ''): Record<string, string> {
  return Object.entries(errors).reduce<Record<string, string>>((all, [key, error]) => {
    if (!error) return all;
    const { type, message } = error as { type?: unknown; message?: unknown };
    return typeof type === 'string' && typeof message === 'string'
      ? { ...all, [before + key]: message }
      : { ...all, ...flat(error as object, `${before}${key}.`) };
  }, {});
}
