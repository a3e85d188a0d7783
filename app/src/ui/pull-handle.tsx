import { useMemo } from 'react';
import { PanResponder, View } from 'react-native';
import { KEEPS_FOCUS } from './focus';

/** A pull this long is meant, px. */
const PULL_px = 18;

interface PullHandleProps {
  readonly onUp: () => void;
  readonly onDown: () => void;
}

/** The grip at the upper edge of a panel: pulled up it opens, pulled down it folds. A button says the same to the keys. */
export function PullHandle({ onUp, onDown }: PullHandleProps) {
  const pan = useMemo(
    () =>
      PanResponder.create({
        onMoveShouldSetPanResponder: (_event, { dy }) => Math.abs(dy) > 4,
        onStartShouldSetPanResponder: () => true,
        onPanResponderRelease: (_event, { dy }) => {
          if (dy < -PULL_px) onUp();
          if (dy > PULL_px) onDown();
        },
      }),
    [onUp, onDown],
  );
  return (
    <View
      {...pan.panHandlers}
      // A pull is no selection of words: the browser would take the press away for one.
      {...KEEPS_FOCUS}
      aria-hidden
      className="-mx-4 -mt-2 select-none h-[20px] cursor-grab items-center justify-center"
      style={{ touchAction: 'none' } as object}
    >
      <View className="h-[4px] w-[44px] rounded-[2px] bg-panelline" />
    </View>
  );
}
