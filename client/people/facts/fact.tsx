import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import type { CallFault } from '@/client/api';
import { Body, Button, Fault, Soft } from '@/client/ui';

interface FactProps {
  label: string;
  /** What is on record, in words; empty shows nothing but the way to add it. */
  value: ReactNode;
  /** The form in place of the value; `close` ends it. */
  children: (close: () => void) => ReactNode;
  open?: boolean;
  onClose?: () => void;
}

/** One fact: read as a line, changed where it stands. */
export function Fact({ label, value, children, open = false, onClose }: FactProps) {
  const [editing, setEditing] = useState(open);
  const close = () => {
    setEditing(false);
    onClose?.();
  };
  if (editing)
    return (
      <View className="gap-2 border-l-2 border-edge py-1 pl-3">
        <Soft>{label}</Soft>
        {children(close)}
      </View>
    );
  return (
    <Pressable
      role="button"
      aria-label={`Change ${label.toLowerCase()}`}
      onPress={() => setEditing(true)}
      className="min-h-[36px] flex-row items-start gap-3 py-1"
    >
      <Soft className="w-[104px] leading-6">{label}</Soft>
      <View className="min-w-0 flex-1">
        {typeof value === 'string' ? <Body>{value}</Body> : value}
      </View>
    </Pressable>
  );
}

interface SaveBarProps {
  busy: boolean;
  error: CallFault | null;
  onSave: () => void;
  onClose: () => void;
}

/** Keeps or leaves a change; what is wrong with it stands above. */
export function SaveBar({ busy, error, onSave, onClose }: SaveBarProps) {
  return (
    <View className="gap-1">
      {error ? <Fault>{error.message}</Fault> : null}
      <View className="flex-row gap-2">
        <Button label="Keep" disabled={busy} onPress={onSave} />
        <Button weight="quiet" label="Leave it" onPress={onClose} />
      </View>
    </View>
  );
}
