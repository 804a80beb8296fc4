import { useEffect, useRef, useState } from 'react';
import {
  useForm,
  type Control,
  type DefaultValues,
  type FieldErrors,
  type FieldPath,
  type FieldValues,
  type UseFormReturn,
} from 'react-hook-form';

import type { CallFault } from '@/contract/call';
import type { CallInput, CallOutput, Endpoint } from '@/contract/endpoint';
import { faultsOf } from '@/contract/faults';

import { errorsOf, flat, WHOLE } from './form-faults';
import { useWrite } from './queries';
import { dropTyped, keepTyped, typedBefore, useHolding } from './typed';

/** What a field of a form needs to know of it. */
export interface FormOf<V extends FieldValues> {
  control: Control<V>;
  /** Says that a field of this name is on the screen; what it answers says that it is gone. */
  shows: (name: string) => () => void;
}

export interface WriteForm<V extends FieldValues> extends FormOf<V> {
  submit: () => void;
  busy: boolean;
  /** What is wrong with the whole, or with what no field on the screen is about. */
  fault: string | null;
  /** Whether it holds anything that is not kept yet. */
  changed: boolean;
  /** Whether what it holds was typed before it was left the last time. */
  restored: boolean;
  /** What its fields began with: what was typed before, or what is saved. */
  begun: V;
  /** Back to what is saved. */
  startOver: () => void;
  set: UseFormReturn<V>['setValue'];
  values: () => V;
}

interface Options<E extends Endpoint, V extends FieldValues> {
  /** What is saved; when it changes, fields that were not touched follow. */
  values: V;
  toInput: (values: V) => CallInput<E>;
  onSaved?: (result: CallOutput<E>) => void;
  /** Under this name what was typed outlives the form, when it is left without being kept. */
  keepAs?: string;
}

/** What is put back is put back whole, also where something was typed. */
const ALL = { keepDirtyValues: false };

/**
 * A form that writes through an endpoint. It refuses what the schema of the endpoint refuses, in the
 * same words and without asking the server; what the server refuses shows at the field it names. What
 * was typed stays until it is saved or given up.
 */
export function useWriteForm<E extends Endpoint, V extends FieldValues>(
  endpoint: E,
  { values, toInput, onSaved, keepAs }: Options<E, V>,
): WriteForm<V> {
  const write = useWrite(endpoint, { tells: false });
  const [shown] = useState(() => new Set<string>());
  const [before] = useState(() => (keepAs === undefined ? undefined : typedBefore<V>(keepAs)));
  const [begun] = useState(before ?? values);
  const [restored, setRestored] = useState(before !== undefined);
  const form = useForm<V>({
    defaultValues: values as DefaultValues<V>,
    values,
    resetOptions: { keepDirtyValues: true },
    resolver: (given) => {
      const faults = faultsOf(endpoint.body, toInput(given).body ?? {});
      return faults
        ? { values: {}, errors: errorsOf(faults.fields, faults.message, shown) as FieldErrors<V> }
        : { values: given, errors: {} };
    },
  });
  const { isDirty, errors } = form.formState;
  useHolding(isDirty);
  useEffect(() => {
    // Given back after the first showing, so that it counts as changed beside what is saved.
    if (before !== undefined) form.reset(before, { ...ALL, keepDefaultValues: true });
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when it is opened
  }, []);
  // Whether leaving it now would lose something; what is on its way to the server would not be.
  const dirty = useRef(false);
  useEffect(() => {
    dirty.current = isDirty && !write.isPending;
  }, [isDirty, write.isPending]);
  useEffect(
    () => () => {
      if (keepAs && dirty.current) keepTyped(keepAs, form.getValues());
    },
    [keepAs, form],
  );
  const settled = () => {
    dirty.current = false;
    setRestored(false);
    if (keepAs) dropTyped(keepAs);
  };
  const refused = ({ fields, message }: CallFault) => {
    for (const [name, error] of Object.entries(flat(errorsOf(fields, message, shown))))
      form.setError(name as FieldPath<V>, { type: 'refused', message: error });
  };
  const send = async (given: V) => {
    // The promise, because the form may be gone when what it saved is shown.
    const result = await write.mutateAsync(toInput(given)).catch(refused);
    if (!result) return;
    settled();
    form.reset(given, ALL);
    onSaved?.(result);
  };
  return {
    control: form.control,
    shows: (name) => {
      shown.add(name);
      return () => void shown.delete(name);
    },
    submit: () => void form.handleSubmit(send)(),
    busy: write.isPending,
    fault: (errors as Record<string, { message?: string }>)[WHOLE]?.message ?? null,
    changed: isDirty,
    restored,
    begun,
    startOver: () => {
      settled();
      form.reset(values, ALL);
    },
    set: form.setValue,
    values: form.getValues,
  };
}
