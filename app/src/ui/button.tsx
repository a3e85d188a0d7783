import { memo, type ComponentType } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from './text';
import { useWhyNot } from './why-not';

const KINDS = {
  primary: { box: 'bg-teal border-teal', words: 'text-onteal' },
  plain: { box: 'bg-transparent border-teal', words: 'text-teal' },
  quiet: { box: 'bg-transparent border-transparent', words: 'text-teal' },
  danger: { box: 'bg-transparent border-heat', words: 'text-heat' },
  onPanel: { box: 'bg-transparent border-panelline', words: 'text-onpanel' },
} as const;

const SIZES = {
  normal: { box: 'min-h-[44px] px-4 py-1.5 rounded-[10px]', words: 'text-15' },
  large: { box: 'min-h-[52px] px-5 py-2 rounded-[12px]', words: 'text-17' },
} as const;

interface ButtonProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly kind?: keyof typeof KINDS;
  readonly size?: keyof typeof SIZES;
  /** While it is at work already. */
  readonly disabled?: boolean;
  /** Why it cannot be pressed now; null when it can. Pressed nevertheless, it says so. */
  readonly why?: string | null;
  readonly icon?: ComponentType<{ size?: number; color?: string }>;
  /** What a screen reader says where the label alone is not enough. */
  readonly hint?: string;
  /** For a button that opens and closes something. */
  readonly expanded?: boolean;
  readonly className?: string;
}

/** A button with a verb on it. */
export const Button = memo(function Button({
  label,
  onPress,
  kind = 'primary',
  size = 'normal',
  disabled = false,
  why,
  icon: Icon,
  hint,
  expanded,
  className = '',
}: ButtonProps) {
  const { box, words } = KINDS[kind];
  const { blocked, props, note } = useWhyNot(why, onPress, kind === 'onPanel' ? 'text-[#FFB199]' : 'text-heat');
  const faint = disabled || blocked ? 'opacity-50' : '';
  const button = (
    <Pressable
      role="button"
      aria-label={hint}
      {...props}
      aria-expanded={expanded}
      disabled={disabled}
      className={`max-w-full flex-row items-center justify-center gap-2 border-2 active:opacity-80 ${SIZES[size].box} ${box} ${faint} ${why === undefined ? className : ''}`}
    >
      {Icon ? (
        <Text className={words}>
          <Icon size={18} color="currentColor" />
        </Text>
      ) : null}
      <Text className={`shrink text-center font-heading font-bold ${SIZES[size].words} ${words}`}>{label}</Text>
    </Pressable>
  );
  return why === undefined ? (
    button
  ) : (
    <View className={`max-w-full gap-1 ${className}`}>
      {button}
      {note}
    </View>
  );
});
