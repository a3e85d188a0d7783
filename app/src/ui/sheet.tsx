import type { ReactNode } from 'react';
import { Modal, ScrollView, View } from 'react-native';
import X from 'lucide-react-native/icons/x';
import { IconButton } from './icon-button';
import { Text } from './text';

interface SheetProps {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
  /** For what stands side by side. */
  readonly wide?: boolean;
}

/** A sheet over the page: from below on a phone, in the middle on a wide screen. */
export function Sheet({ title, open, onClose, children, wide = false }: SheetProps) {
  return (
    <Modal visible={open} transparent onRequestClose={onClose} animationType="none" aria-label={title}>
      <View className="flex-1 justify-end bg-[#0E2A2B99] md:justify-center md:items-center">
        <View
          className={`max-h-[92%] w-full rounded-t-[20px] bg-sheet md:rounded-[20px] ${wide ? 'md:w-[860px]' : 'md:w-[520px]'}`}
        >
          <View className="flex-row items-center justify-between pl-5 pr-3 pt-4">
            <Text variant="heading">{title}</Text>
            <IconButton icon={X} label="Close" onPress={onClose} />
          </View>
          <ScrollView contentContainerClassName="gap-4 p-5 pt-2">{children}</ScrollView>
        </View>
      </View>
    </Modal>
  );
}
