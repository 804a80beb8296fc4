import { useEffect, useRef, type ReactNode } from 'react';
import { Modal, Pressable, ScrollView, View } from 'react-native';

import { Button } from './button';
import { useWide } from './page';
import { Lead } from './type';

/** A sheet laid over the screen: at the foot on a phone, in the middle when there is room. */
export function Overlay({
  title,
  onClose,
  children,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const wide = useWide();
  const box = useRef<View>(null);
  useEffect(() => (box.current as unknown as HTMLElement | null)?.focus?.(), []);
  return (
    <Modal
      transparent
      visible
      onRequestClose={onClose}
      animationType="none"
      // The web view's modal is the dialog; it takes its name from here.
      {...({ 'aria-label': title } as object)}
    >
      <View className={`flex-1 ${wide ? 'items-center justify-center' : 'justify-end'}`}>
        <Pressable
          aria-hidden
          tabIndex={-1}
          onPress={onClose}
          className="absolute inset-0 bg-ink/30"
        />
        <View
          ref={box}
          tabIndex={-1}
          className={`max-h-[90%] bg-paper outline-none ${wide ? 'w-[560px] rounded border border-line' : 'w-full rounded-t border-t border-line'}`}
        >
          <View className="flex-row items-center justify-between border-b border-line px-[18px] py-2">
            <Lead>{title}</Lead>
            <Button weight="quiet" label="Close" onPress={onClose} />
          </View>
          <ScrollView contentContainerClassName="gap-4 p-[18px]">{children}</ScrollView>
        </View>
      </View>
    </Modal>
  );
}
