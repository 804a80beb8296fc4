import type { ReactNode } from 'react';
import { View } from 'react-native';

import { useSlow } from '@/client/api';

import { Button } from './button';
import { Fault, Soft } from './type';

interface Props {
  form: {
    submit: () => void;
    busy: boolean;
    fault: string | null;
    changed: boolean;
    restored: boolean;
    startOver: () => void;
  };
  /** "Keep", unless another word says better what is done. */
  label?: string;
  spoken?: string;
  weight?: 'main' | 'plain';
  /** Gives the change up; without it the form stays open. */
  onClose?: () => void;
  /** Only what was changed can be kept. */
  onlyChanged?: boolean;
  disabled?: boolean;
  children?: ReactNode;
}

/** The foot of a form: what is wrong with the whole, and the ways to keep it or to leave it. */
export function SaveBar({ form, label = 'Keep', onClose, onlyChanged, disabled, ...rest }: Props) {
  const slow = useSlow(form.busy);
  const close = () => {
    form.startOver();
    onClose?.();
  };
  return (
    <View className="max-w-full gap-1">
      {form.restored ? (
        <View className="flex-row flex-wrap items-center gap-x-2">
          <Soft>Typed before and not kept yet.</Soft>
          <Button weight="quiet" label="Start over" onPress={form.startOver} />
        </View>
      ) : null}
      {form.fault ? <Fault>{form.fault}</Fault> : null}
      <View className="flex-row flex-wrap items-center gap-2">
        <Button
          weight={rest.weight}
          label={label}
          spoken={rest.spoken}
          disabled={form.busy || disabled || (onlyChanged && !form.changed)}
          onPress={form.submit}
        />
        {onClose ? <Button weight="quiet" label="Leave it" onPress={close} /> : null}
        {rest.children}
      </View>
      {slow ? (
        <Soft role="status">Pen Pal has not answered yet. What you typed stays here.</Soft>
      ) : null}
    </View>
  );
}
