import type { ReactNode } from 'react';
import { Pressable, ScrollView, View, type GestureResponderEvent } from 'react-native';
import { Text } from '../../ui/text';
import { useWhyNot } from '../../ui/why-not';

interface MakeFrameProps {
  readonly above: ReactNode;
  readonly children: ReactNode;
  /** What comes after, above the two buttons. */
  readonly then?: string | undefined;
  readonly back: FrameButton;
  readonly next: FrameButton;
}

interface FrameButton {
  readonly label: string;
  readonly onPress: () => void;
  /** While it is at work already. */
  readonly disabled?: boolean;
  /** Why it cannot be pressed now. */
  readonly why?: string | null;
}

/** A wet thumb that taps twice means one tap: by the second the next step lies under it. */
const once =
  (press: () => void) =>
  ({ nativeEvent }: GestureResponderEvent): void => {
    const { detail = 1 } = nativeEvent as unknown as Partial<UIEvent>;
    if (detail <= 1) press();
  };

/** A page that fills the screen, with its two large buttons where a thumb is. */
export function MakeFrame({ above, children, then, back, next }: MakeFrameProps) {
  return (
    <View className="on-panel flex-1 bg-panel" role="main">
      <ScrollView className="flex-1" contentContainerClassName="pb-6">
        <View className="w-full max-w-[720px] gap-4 self-center px-4 pt-4">
          {above}
          {children}
        </View>
      </ScrollView>
      <View className="w-full max-w-[720px] gap-2 self-center px-4 pb-4 pt-2">
        {then ? <Text className="text-15 text-panelmute">{then}</Text> : null}
        <View className="flex-row gap-2">
          <LargeButton {...back} box="border-2 border-panelline px-5" words="text-17 text-onpanel" />
          <LargeButton {...next} onPress={once(next.onPress)} box="flex-1 bg-onpanel px-4" words="text-19 text-panel" />
        </View>
      </View>
    </View>
  );
}

function LargeButton({
  label,
  onPress,
  disabled = false,
  why = null,
  box,
  words,
}: Omit<FrameButton, 'onPress'> & {
  readonly onPress: (event: GestureResponderEvent) => void;
  readonly box: string;
  readonly words: string;
}) {
  const { blocked, props, note } = useWhyNot(why, onPress as () => void, WHY);
  return (
    <>
      <Pressable
        role="button"
        {...props}
        disabled={disabled}
        className={`min-h-[60px] items-center justify-center rounded-[14px] active:opacity-80 ${box} ${disabled || blocked ? 'opacity-50' : ''}`}
      >
        <Text className={`font-heading font-bold ${words}`}>{label}</Text>
      </Pressable>
      {note}
    </>
  );
}
/** Over the buttons, where it takes no room from them. */
const WHY = 'absolute bottom-[64px] left-0 right-0 rounded-[10px] bg-panel py-1 text-[#FFB199]';
