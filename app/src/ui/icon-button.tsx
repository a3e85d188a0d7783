import type { ComponentType } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from './text';
import { useWhyNot } from './why-not';

interface IconButtonProps {
  readonly icon: ComponentType<{ size?: number; color?: string }>;
  readonly label: string;
  readonly onPress: () => void;
  /** Why it cannot be pressed now; null when it can. */
  readonly why?: string | null;
  /** On the dark panel. */
  readonly onPanel?: boolean;
}

const BUBBLE = 'absolute bottom-[48px] left-0 z-30 w-[150px] rounded-[10px] bg-amber p-2 text-onamber';

/** A button with a picture; its label is for those who cannot see it. */
export function IconButton({ icon: Icon, label, onPress, why, onPanel = false }: IconButtonProps) {
  const { blocked, props, note } = useWhyNot(why, onPress, BUBBLE);
  const button = (
    <Pressable
      role="button"
      aria-label={label}
      {...props}
      className="h-[44px] w-[44px] items-center justify-center rounded-[10px] active:bg-line"
    >
      <Text className={`${onPanel ? 'text-panelmute' : 'text-mute'} ${blocked ? 'opacity-30' : ''}`}>
        <Icon size={20} color="currentColor" />
      </Text>
    </Pressable>
  );
  return why === undefined ? (
    button
  ) : (
    <View>
      {button}
      {note}
    </View>
  );
}
