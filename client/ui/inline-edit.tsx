import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';

import { Body, Soft } from './type';

interface Props {
  label: string;
  /** What is on record, in words. */
  value: ReactNode;
  /** The form in place of the value; `close` ends it. */
  children: (close: () => void) => ReactNode;
  open?: boolean;
  onClose?: () => void;
}

/** Something on record: read as a line, changed where it stands. */
export function InlineEdit({ label, value, children, open = false, onClose }: Props) {
  const [editing, setEditing] = useState(open);
  // What it was when the form was opened: another window may change it meanwhile.
  const [before, setBefore] = useState(value);
  const close = () => {
    setEditing(false);
    onClose?.();
  };
  if (editing)
    return (
      <Editing label={label}>
        {typeof value === 'string' && value !== before ? (
          <Soft role="status">{`By now it is: ${value || 'nothing'}`}</Soft>
        ) : null}
        {children(close)}
      </Editing>
    );
  return (
    <Pressable
      role="button"
      aria-label={`Change ${label.toLowerCase()}`}
      onPress={() => {
        setBefore(value);
        setEditing(true);
      }}
      className="min-h-[36px] flex-row items-start gap-3 py-1"
    >
      <Soft className="w-[104px] leading-6">{label}</Soft>
      <View className="min-w-0 flex-1">
        {typeof value === 'string' ? <Body>{value}</Body> : value}
      </View>
    </Pressable>
  );
}

/** The place where something is changed: marked by a line at its side. */
export const Editing = ({ label, children }: { label?: string; children: ReactNode }) => (
  <View className="gap-2 border-l-2 border-edge py-1 pl-3">
    {label ? <Soft>{label}</Soft> : null}
    {children}
  </View>
);
