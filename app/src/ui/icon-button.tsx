import type { ComponentType } from 'react';
import { Pressable } from 'react-native';
import { Text } from './text';

interface IconButtonProps {
  readonly icon: ComponentType<{ size?: number; color?: string }>;
  readonly label: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
  /** On the dark panel. */
  readonly onPanel?: boolean;
}

/** A button with a picture; its label is for those who cannot see it. */
export function IconButton({ icon: Icon, label, onPress, disabled = false, onPanel = false }: IconButtonProps) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={`h-[44px] w-[44px] items-center justify-center rounded-[10px] active:bg-line ${disabled ? 'opacity-30' : ''}`}
    >
      <Text className={onPanel ? 'text-panelmute' : 'text-mute'}>
        <Icon size={20} color="currentColor" />
      </Text>
    </Pressable>
  );
}
