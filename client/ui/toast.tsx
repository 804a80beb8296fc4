import { View } from 'react-native';

import { Button } from './button';
import { Body } from './type';

interface Props {
  /** What was done, or why not. */
  sentence: string;
  /** Takes it back; without it there is nothing to take back. */
  onUndo?: () => void;
  busy?: boolean;
  onDismiss: () => void;
}

/** One line at the foot: what was just done, with its undo. */
export const Toast = ({ sentence, onUndo, busy, onDismiss }: Props) => (
  <View className="min-h-[52px] flex-row items-center gap-3 border-t border-line bg-sheet px-[18px]">
    <Body className="flex-1 py-2">{sentence}</Body>
    {onUndo ? <Button weight="quiet" label="Undo" disabled={busy} onPress={onUndo} /> : null}
    <Button weight="quiet" label="Dismiss" onPress={onDismiss} />
  </View>
);
