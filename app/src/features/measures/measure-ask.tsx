import type { DrinkDocument } from '@wellhydra/core/drink';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import type { RunContext } from '../../domain/run/run-context';
import { usesOthers } from '../../domain/run/used-documents';
import { useAnswers } from '../../domain/workers/use-answers';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { openMeasuresClient } from './measures-client';
import { worthWords } from './measures-view';
import { useMeasures } from './use-measures';
import { WeighSheet } from './weigh-sheet';

/** Nobody is asked while typing, ms. */
const ASK_AFTER_ms = 1500;
/** Below so much of a daily value a measure is not worth a question. */
const WORTH_ASKING = 0.01;
const NO_OTHERS: readonly DrinkDocument[] = [];

/** "How much is your knob of ginger?", where it matters most to this drink; nothing where it does not matter. */
export function MeasureAsk({ document, context }: { readonly document: DrinkDocument; readonly context: RunContext }) {
  const { settings, documents } = context;
  const others = usesOthers(document) ? documents : NO_OTHERS;
  const measures = useMeasures();
  const { answer, ask } = useAnswers(openMeasuresClient);
  const [weighing, setWeighing] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => ask({ drinks: [document], settings, others }), ASK_AFTER_ms);
    return () => clearTimeout(timer);
  }, [ask, document, settings, others]);
  const [first] = answer?.worth ?? [];
  const begin = first && { name: first.name, of: first.of.name, onlyMine: false };
  if (!first || !begin || (first.gain < WORTH_ASKING && !weighing)) return null;
  const words = worthWords(first);
  return (
    <View className="gap-1 rounded-[14px] border border-dashed border-line px-4 py-3">
      <Text variant="strong">{words.ask}</Text>
      <Text variant="small">{words.brings}</Text>
      <Button label="Weigh it" kind="plain" className="self-start" onPress={() => setWeighing(true)} />
      {weighing ? <WeighSheet measures={measures} begin={begin} onClose={() => setWeighing(false)} /> : null}
    </View>
  );
}
