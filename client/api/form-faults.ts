import { inWords, type FieldFault } from '@/contract/faults';
import { need } from '@/core/need';

/** Where faults stand that no field on the screen is about. */
export const WHOLE = 'whole';

/** The name of the field on the screen that a fault belongs to: itself, what it is in, or a part of it. */
export function placeOf(field: string, shown: ReadonlySet<string>): string | null {
  if (shown.has(field)) return field;
  const around = [...shown].filter((name) => field.startsWith(`${name}.`));
  if (around.length > 0) return need(around.sort((a, b) => b.length - a.length)[0]);
  return [...shown].find((name) => field !== '' && name.startsWith(`${field}.`)) ?? null;
}

/**
 * Each fault at its place on the screen: the name of a field with a sentence. What has no place there
 * stands together at the foot (`WHOLE`), as does `message` when no field is named at all.
 */
export function placed(
  faults: readonly FieldFault[],
  message: string,
  shown: ReadonlySet<string>,
): [name: string, sentence: string][] {
  const here = faults.map((fault) => ({ fault, place: placeOf(fault.field, shown) }));
  const homeless = here.filter(({ place }) => !place).map(({ fault }) => fault);
  const atFields = here.flatMap(({ fault, place }): [string, string][] =>
    place ? [[place, fault.message]] : [],
  );
  if (homeless.length === 0 && faults.length > 0) return atFields;
  return [...atFields, [WHOLE, faults.length > 1 ? homeless.map(inWords).join(' ') : message]];
}
