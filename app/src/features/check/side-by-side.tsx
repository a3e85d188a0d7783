import { useEffect, useRef, useState, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import type { CheckView } from './check-view';
import { stepId } from './runs';
import { Threads, type Thread } from './threads';
import { lineId } from './written';

interface Picture {
  readonly threads: readonly Thread[];
  readonly width: number;
  readonly height: number;
}
const EMPTY: Picture = { threads: [], width: 0, height: 0 };
/** So far from the words a thread begins and ends, px. */
const CLEAR_px = 6;

/** Threads between what stands on the page now. */
function picture(around: HTMLElement, { lines }: CheckView): Picture {
  const { left, top, width, height } = around.getBoundingClientRect();
  const threads = lines.flatMap(({ steps, tone }, line): readonly Thread[] => {
    const from = document.getElementById(lineId(line))?.getBoundingClientRect();
    if (!from) return [];
    return steps.flatMap((step): readonly Thread[] => {
      const to = document.getElementById(stepId(step))?.getBoundingClientRect();
      if (!to) return [];
      return [
        {
          key: `${line}-${step}`,
          from: { x: from.right - left + CLEAR_px, y: from.bottom - top - 2 },
          to: { x: to.left - left - CLEAR_px, y: to.top - top + to.height / 2 },
          slip: tone === 'slip',
        },
      ];
    });
  });
  return { threads, width, height };
}

/** Drawn anew whenever the page takes another shape. */
function usePicture(view: CheckView | null, shown: boolean) {
  const around = useRef<View>(null);
  const [drawn, setDrawn] = useState<Picture>(EMPTY);
  useEffect(() => {
    const element = around.current as unknown as HTMLElement | null;
    if (!element || !view || !shown || typeof ResizeObserver === 'undefined') return setDrawn(EMPTY);
    const draw = () => setDrawn(picture(element, view));
    draw();
    const watch = new ResizeObserver(draw);
    watch.observe(element);
    return () => watch.disconnect();
  }, [view, shown]);
  return { around, drawn };
}

/** Source, steps and slips side by side, with threads from the lines to their steps. */
export function SideBySide({
  view,
  writing,
  source,
  runs,
  slips,
}: {
  readonly view: CheckView | null;
  readonly writing: boolean;
  readonly source: ReactNode;
  readonly runs: ReactNode;
  readonly slips: ReactNode;
}) {
  const { around, drawn } = usePicture(view, !writing);
  return (
    <View className="min-h-0 flex-1 flex-row">
      <ScrollView className="flex-1" contentContainerClassName="min-h-full" keyboardShouldPersistTaps="handled">
        <View ref={around} className="min-h-full flex-1 flex-row">
          <View className="min-w-0 flex-[11] pb-10">{source}</View>
          <View className="w-[56px]" />
          <View className="min-w-0 flex-[10] bg-sheet">{runs}</View>
          <Threads {...drawn} />
        </View>
      </ScrollView>
      {slips ? (
        <ScrollView className="w-[340px] grow-0 bg-panel" contentContainerClassName="min-h-full">
          {slips}
        </ScrollView>
      ) : null}
    </View>
  );
}
