import { useId, useLayoutEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import type { View } from 'react-native';
import { Text } from './text';

interface WhyNot {
  readonly blocked: boolean;
  readonly props: {
    readonly ref: RefObject<View | null>;
    readonly 'aria-describedby': string | undefined;
    readonly onPress: () => void;
  };
  /** The reason: heard by those who do not see, and seen by whoever presses nevertheless. */
  readonly note: ReactNode;
}

/**
 * A button that cannot be pressed says why instead.
 *
 * @param why it cannot be pressed now; null when it can, undefined where it always can
 * @param shown class names of the reason once it has been asked for
 */
export function useWhyNot(why: string | null | undefined, onPress: () => void, shown = 'text-heat'): WhyNot {
  const id = useId();
  const [told, setTold] = useState<string | null>(null);
  const blocked = Boolean(why);
  const ref = useRef<View>(null);
  // Pressable knows no button that is disabled and yet hears a press.
  useLayoutEffect(() => {
    if (why === undefined) return;
    const element = ref.current as unknown as HTMLElement | null;
    if (blocked) element?.setAttribute('aria-disabled', 'true');
    else element?.removeAttribute('aria-disabled');
  }, [blocked, why]);
  const visible = blocked && told === why;
  return {
    blocked,
    props: {
      ref,
      'aria-describedby': blocked ? id : undefined,
      onPress: blocked ? () => setTold(why ?? null) : onPress,
    },
    note: blocked ? (
      <Text
        id={id}
        variant="small"
        className={visible ? shown : 'sr-only'}
        {...(visible ? { role: 'status' as const } : {})}
      >
        {why}
      </Text>
    ) : null,
  };
}
