import type { ReactNode } from 'react';
import { Pressable, ScrollView, View, type GestureResponderEvent } from 'react-native';
import { Text } from '../../ui/text';

interface MakeFrameProps {
  readonly above: ReactNode;
  readonly children: ReactNode;
  /** What comes after, above the two buttons. */
  readonly then?: string | undefined;
  readonly back: { readonly label: string; readonly onPress: () => void; readonly disabled?: boolean };
  readonly next: { readonly label: string; readonly onPress: () => void; readonly disabled?: boolean };
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
          <Pressable
            role="button"
            aria-disabled={back.disabled}
            disabled={back.disabled}
            onPress={back.onPress}
            className={`min-h-[60px] items-center justify-center rounded-[14px] border-2 border-panelline px-5 active:opacity-80 ${back.disabled ? 'opacity-50' : ''}`}
          >
            <Text className="font-heading text-17 font-bold text-onpanel">{back.label}</Text>
          </Pressable>
          <Pressable
            role="button"
            aria-disabled={next.disabled}
            disabled={next.disabled}
            onPress={once(next.onPress)}
            className={`min-h-[60px] flex-1 items-center justify-center rounded-[14px] bg-onpanel px-4 active:opacity-80 ${next.disabled ? 'opacity-50' : ''}`}
          >
            <Text className="font-heading text-19 font-bold text-panel">{next.label}</Text>
          </Pressable>
        </View>
      </View>
    </View>
  );
}
