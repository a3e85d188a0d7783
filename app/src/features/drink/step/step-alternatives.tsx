import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import { documentDrink } from '@wellhydra/core/drink';
import { durationWords, formatNumber, shelfWords } from '@wellhydra/core/quantity';
import { showVolume } from '../../../domain/words/units';
import { alternativesOf, wayEffects, type WayEffect } from '@wellhydra/core/alternative';
import { useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { goToFirst } from '../../../ui/list-keys';
import { Text } from '../../../ui/text';
import type { RunContext } from '../../../domain/run/run-context';
import { usesOthers } from '../../../domain/run/used-documents';

interface StepAlternativesProps {
  readonly document: DrinkDocument;
  readonly batchIndex: number;
  readonly context: RunContext;
  readonly onTake: (steps: readonly Omit<EditedStep, 'id'>[]) => void;
}

/** What a way changes, in words: what comes out, how strong, how long, how it keeps. */
function effectWords({ yield: out, strength_g_L, total_min, handsOn_min, keeps_days }: WayEffect): string {
  if (out === null) return 'This does not work with the steps around it.';
  return [
    showVolume(out),
    strength_g_L !== null && strength_g_L >= 0.05 && `${formatNumber(strength_g_L, 2)} g/L out of the plants`,
    total_min !== null && `${durationWords(total_min)}, your hands for ${durationWords(handsOn_min ?? 0)}`,
    keeps_days !== null && `keeps about ${shelfWords(keeps_days)}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Other honest ways to do a step, and what each changes, before one is chosen. */
export function StepAlternatives({ document, batchIndex, context, onTake }: StepAlternativesProps) {
  const [open, setOpen] = useState(false);
  const drink = useMemo(
    () => documentDrink(document, usesOthers(document) ? context.preparationsFor(document.name) : undefined),
    [document, context],
  );
  const alternatives = useMemo(() => alternativesOf(drink, batchIndex), [drink, batchIndex]);
  const effects = useMemo(
    () => (open && alternatives ? wayEffects(drink, batchIndex, alternatives, context.options) : []),
    [open, alternatives, drink, batchIndex, context],
  );
  const ways = useRef<View>(null);
  useEffect(() => {
    // Whoever has opened them goes on among them.
    if (open) goToFirst(ways.current as unknown as Element);
  }, [open]);
  if (!alternatives) return null;
  return (
    <View className="gap-2 rounded-[12px] bg-mist p-3">
      <View className="flex-row items-center justify-between gap-3">
        <Text variant="strong" className="flex-1">
          {alternatives.question}
        </Text>
        <Button label={open ? 'Close' : 'Compare ways'} kind="plain" expanded={open} onPress={() => setOpen(!open)} />
      </View>
      <View ref={ways} className="gap-2">
        {effects.map((effect) => (
          <View key={effect.way.name} className="gap-1 border-t border-line pt-2">
            <View className="flex-row items-center justify-between gap-3">
              <Text variant="strong" className="flex-1">
                {effect.way.name}
              </Text>
              <Button
                label="Do this"
                hint={`Do this: ${effect.way.name}`}
                kind="plain"
                why={effect.yield === null ? 'It cannot be done with this drink' : null}
                onPress={() => onTake(effect.way.steps)}
              />
            </View>
            <Text variant="small">{effect.way.why}</Text>
            <Text className="text-14 leading-20">{effectWords(effect)}</Text>
            {effect.cautions.length > 0 ? (
              <Text variant="smallStrong" className="text-heat">
                {effect.cautions.includes('elder-needs-cooking')
                  ? 'Too short for elder: it must be cooked for longer.'
                  : 'It brings a caution the drink has not now.'}
              </Text>
            ) : null}
          </View>
        ))}
      </View>
    </View>
  );
}
