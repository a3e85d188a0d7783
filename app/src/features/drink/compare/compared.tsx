import type { DrinkDocument } from '@wellhydra/core/drink';
import { useMemo, useState, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { useAppSelector } from '../../../domain/store';
import type { RunContext } from '../../../domain/run/run-context';
import { basisTitle } from '../../../domain/words/yield-words';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { useHasLargeText } from '../../../ui/use-large-text';
import { useIsWide } from '../../../ui/use-layout';
import { AskedOr } from '../figures/asked-or';
import { LiveRunContext } from '../live-run';
import { AskedMoment, AskedMomentContext, useAskedMoment } from '../stream/asked-moment';
import { StreamLegend } from '../stream/legend';
import { Moment } from '../stream/moment';
import type { Other } from './choose-other';
import { compareView, type EndView } from './compare-view';
import type { DifferenceView } from './differences';
import { FacingStreams } from './facing-streams';
import { useDifferences } from './use-differences';
import { WhatThatDoes } from './what-that-does';

interface ComparedProps {
  readonly document: DrinkDocument;
  readonly other: Other;
  readonly context: RunContext;
  readonly onAgain: () => void;
  /** Changes the first, where it can be changed. */
  readonly onChange?: ((document: DrinkDocument, words: string) => void) | undefined;
}

/** What was taken over last, and the drink before it. */
interface Taken {
  readonly title: string;
  readonly before: DrinkDocument;
}

/** Two drinks as two streams, and what that does: below each other on a phone, side by side where there is room. */
export function Compared({ document, other, context, onAgain, onChange }: ComparedProps) {
  const basis = useAppSelector((state) => state.preferences.basis);
  const view = useMemo(() => compareView(document, other.document, context, basis), [document, other, context, basis]);
  const differences = useDifferences(document, other.document, context);
  const wide = useIsWide();
  const [askedMoment] = useState(() => new AskedMoment());
  const [taken, setTaken] = useState<Taken | null>(null);
  const take = (difference: DifferenceView) => {
    setTaken({ title: difference.title, before: document });
    onChange?.(difference.taken, `Taken over: ${difference.title}`);
  };
  const goBack = () => {
    if (!taken) return;
    onChange?.(taken.before, `As before: ${taken.title}`);
    setTaken(null);
  };
  const names = [document.name || 'This drink', other.title] as const;
  const streams = (
    <View className="gap-3">
      <SideBySide>
        <Text variant={wide ? 'heading' : 'subheading'} className="flex-1">
          {names[0]}
        </Text>
        <Text variant={wide ? 'heading' : 'subheading'} className="flex-1 text-right">
          {names[1]}
        </Text>
      </SideBySide>
      {/* Each is drawn as it stands here, whatever is typed on the page below. */}
      <LiveRunContext.Provider value={null}>
        <FacingStreams label="Steps side by side" names={names} rows={view.steps} streams={view.streams} />
      </LiveRunContext.Provider>
      <SideBySide>
        <End view={view.ends[0]} />
        <End view={view.ends[1]} right />
      </SideBySide>
      <StreamLegend bands={view.bands} />
      <Button label="Compare with another" kind="plain" onPress={onAgain} className="self-start" />
    </View>
  );
  const figures = (
    <>
      {taken ? (
        <View role="status" className="flex-row items-center justify-between gap-3 pb-4">
          <Text className="shrink text-15 text-onpanel">Taken over: {taken.title}</Text>
          <Button label="Undo" kind="onPanel" onPress={goBack} />
        </View>
      ) : null}
      <WhatThatDoes
        rails={view.rails}
        differ={view.steps.some(({ kind }) => kind !== 'same')}
        differences={differences}
        title={basisTitle(view.streams[1].analysis, basis)}
        onTake={onChange ? take : undefined}
      />
    </>
  );
  if (!wide)
    return (
      <AskedMomentContext.Provider value={askedMoment}>
        <View className="gap-4">
          <View className="on-panel -mx-5 bg-panel p-5">{figures}</View>
          {streams}
          <AskedAtTheFoot />
        </View>
      </AskedMomentContext.Provider>
    );
  return (
    <AskedMomentContext.Provider value={askedMoment}>
      <View className="min-h-0 flex-1 flex-row">
        <ScrollView className="flex-1" contentContainerClassName="p-6 pt-2">
          {streams}
        </ScrollView>
        <View className="on-panel w-[380px] bg-panel" role="complementary" aria-label="What that does">
          <ScrollView contentContainerClassName="p-6 pb-12">
            <AskedOr>{figures}</AskedOr>
          </ScrollView>
        </View>
      </View>
    </AskedMomentContext.Provider>
  );
}

/**
 * On a phone the panel is not in sight beside the streams: what is asked of them is said at the foot of the sheet. It takes no
 * room and no touch, so that nothing moves away from under a finger when it goes.
 */
function AskedAtTheFoot() {
  const moment = useAskedMoment();
  return moment ? (
    <View className="sticky bottom-0 z-30 -mx-5 h-0" style={{ pointerEvents: 'none' }}>
      <View className="on-panel absolute bottom-0 left-0 right-0 gap-1 bg-panel px-5 py-3">
        <Moment moment={moment} />
      </View>
    </View>
  ) : null;
}

function SideBySide({ children }: { readonly children: ReactNode }) {
  const large = useHasLargeText();
  return <View className={large ? 'gap-2' : 'flex-row gap-3'}>{children}</View>;
}

function End({ view, right = false }: { readonly view: EndView; readonly right?: boolean }) {
  const side = right ? 'text-right' : '';
  return (
    <View className="flex-1">
      <Text variant="heading" className={side}>
        {view.total}
      </Text>
      <Text variant="small" className={side}>
        {view.words}
      </Text>
    </View>
  );
}
