import type { BrewRun } from '@wellhydra/core/brew';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/text';
import { afterWords } from '../../domain/words/step-words';
import { Stream } from '../drink/stream/stream';

/** Width of the stream, and from its left edge to that of the panel, px. */
const STREAM_px = { width: 170, room: 248 };
/** Rows of a long brew are lower, but never so low that a step is not seen, px. */
const ROW_px = { least: 14, most: 64 };

/** The pot of this brew as it really goes, at the right of a wide screen, with a mark where it is now. */
export function PotPanel({ run, step }: { readonly run: BrewRun; readonly step: string | null }) {
  const { analysis, steps } = run;
  const [height, setHeight] = useState(0);
  const row_px = Math.max(ROW_px.least, Math.min(ROW_px.most, Math.floor(height / Math.max(1, steps.length))));
  const rowEnds = useMemo(() => steps.map((_step, index) => (index + 1) * row_px), [steps, row_px]);
  const at = step === null ? -1 : steps.findLastIndex(({ of }) => of === step);
  const entry = analysis.trace.entries.findLast((each) => each.step <= (at < 0 ? steps.length : at));
  return (
    <View className="w-[280px] gap-3 border-l border-panelline p-4" role="complementary" aria-label="The pot">
      <View className="gap-1">
        <Text variant="heading" className="text-onpanel">
          The pot
        </Text>
        <Text className="text-16 text-panelmute">{entry ? `After this step ${afterWords(entry)}` : 'Empty yet'}</Text>
      </View>
      <View
        className="relative flex-1 overflow-hidden"
        onLayout={({ nativeEvent }) => setHeight(nativeEvent.layout.height)}
      >
        {height > 0 ? (
          <Stream analysis={analysis} rowEnds={rowEnds} width={STREAM_px.width} room={STREAM_px.room} />
        ) : null}
        {at < 0 || height === 0 ? null : (
          <View
            aria-hidden
            className="absolute left-0 h-[3px] w-full bg-[#E3A21A]"
            style={{ top: rowEnds[at]! - 3, pointerEvents: 'none' }}
          />
        )}
      </View>
    </View>
  );
}
