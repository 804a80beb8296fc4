import { useEffect, useRef, useState } from 'react';
import {
  set,
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

import { placed, WHOLE } from './form-faults';
import { useNotify } from './notice';
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

const REFUSED = 'refused';

/** What is put back is put back whole, also where something was typed. */
const ALL = { keepDirtyValues: false };

type Names = Set<string>;

/** The fields that are on the screen, and how one says that it is. */
function useShown(): [ReadonlySet<string>, FormOf<FieldValues>['shows']] {
  const [shown] = useState<Names>(() => new Set());
  const [shows] = useState(() => (name: string) => {
    shown.add(name);
    return () => void shown.delete(name);
  });
  return [shown, shows];
}

/** Keeps what a form holds when it is left; answers a word for "nothing of it is to be kept". */
function useKept<V extends FieldValues>(form: UseFormReturn<V>, keepAs: string | undefined) {
  const { isDirty } = form.formState;
  const changed = useRef(false);
  useEffect(() => {
    changed.current = isDirty;
  }, [isDirty]);
  useEffect(() => {
    if (!keepAs) return;
    return () => (changed.current ? keepTyped(keepAs, form.getValues()) : dropTyped(keepAs));
  }, [keepAs, form]);
  return () => {
    changed.current = false;
    if (keepAs) dropTyped(keepAs);
  };
}

/**
 * A form that writes through an endpoint. It refuses what the schema of the endpoint refuses, in the
 * same words and without asking the server; what the server refuses shows at the field it names. What
 * was typed stays until it is saved or given up.
 */
export function useWriteForm<E extends Endpoint, V extends FieldValues>(
  endpoint: E,
  { values, toInput, onSaved, keepAs }: Options<E, V>,
): WriteForm<V> {
  const [shown, shows] = useShown();
  const [before] = useState(() => (keepAs === undefined ? undefined : typedBefore<V>(keepAs)));
  const [begun] = useState(before ?? values);
  const [restored, setRestored] = useState(before !== undefined);
  const form = useForm<V>({
    defaultValues: values as DefaultValues<V>,
    values,
    resetOptions: { keepDirtyValues: true },
    resolver: (given) => {
      const faults = faultsOf(endpoint.body, toInput(given).body ?? {});
      if (!faults) return { values: given, errors: {} };
      const errors = {};
      for (const [name, message] of placed(faults.fields, faults.message, shown))
        set(errors, name, { type: REFUSED, message });
      return { values: {}, errors: errors as FieldErrors<V> };
    },
  });
  const { isDirty, errors } = form.formState;
  const forget = useKept(form, keepAs);
  useHolding(isDirty);
  useEffect(() => {
    // Given back after the first showing, so that it counts as changed beside what is saved.
    if (before !== undefined) form.reset(before, { ...ALL, keepDefaultValues: true });
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when it is opened
  }, []);
  const settle = (kept: V) => {
    forget();
    setRestored(false);
    form.reset(kept, ALL);
  };
  const gone = useRef(false);
  useEffect(() => () => void (gone.current = true), []);
  const notify = useNotify();
  const sent = useRef(values);
  // Before anything is read again: what that shows may take the place of this form.
  const write = useWrite(endpoint, { tells: false, onWritten: () => settle(sent.current) });
  const refused = ({ fields, message }: CallFault) => {
    if (gone.current) return notify({ sentence: message, actionId: null });
    for (const [name, sentence] of placed(fields, message, shown))
      form.setError(name as FieldPath<V>, { type: REFUSED, message: sentence });
  };
  const send = async (given: V) => {
    sent.current = given;
    // The promise, because the form may be gone when what it saved is shown.
    const result = await write.mutateAsync(toInput(given)).catch(refused);
    if (result) onSaved?.(result);
  };
  return {
    control: form.control,
    shows,
    submit: () => void form.handleSubmit(send)(),
    busy: write.isPending,
    fault: (errors as Record<string, { message?: string }>)[WHOLE]?.message ?? null,
    changed: isDirty,
    restored,
    begun,
    startOver: () => settle(values),
    set: form.setValue,
    values: form.getValues,
  };
}
