import type { Analysis } from '@wellhydra/core/analyse';
import { DRINK_KINDS, type DrinkDocument } from '@wellhydra/core/drink';
import { durationWords, readAmount } from '@wellhydra/core/quantity';
import { TARGETS } from '@wellhydra/core/target';
import { memo, useState } from 'react';
import { TextInput, View } from 'react-native';
import { Field } from '../../../ui/field';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { KIND_NAMES } from '../../../domain/drinks/kinds';
import { totalMark } from '../../../domain/drinks/edit-document';
import { yieldWords } from '../../../domain/words/yield-words';

interface DrinkHeaderProps {
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly onEdit: (change: (document: DrinkDocument) => DrinkDocument) => void;
  readonly onMake: () => void;
  readonly onResize: () => void;
  readonly onMore: () => void;
}

/** A name is stored from key to key: there is nothing left to do when it is finished. */
const nameTyped = (): void => undefined;

/** The name of a drink, which can be typed over. */
const DrinkName = memo(function DrinkName({
  name,
  onEdit,
}: {
  readonly name: string;
  readonly onEdit: DrinkHeaderProps['onEdit'];
}) {
  return (
    <>
      <Text variant="title" className="sr-only">
        {name || 'Unnamed drink'}
      </Text>
      <TextInput
        aria-label="Name of the drink"
        value={name}
        placeholder="Name this drink"
        placeholderTextColor="#6B807F"
        multiline
        numberOfLines={1}
        // Enter is no letter of a name: react-native-web keeps it out only of a box that hears it.
        blurOnSubmit
        onSubmitEditing={nameTyped}
        onChangeText={(text) => onEdit((before) => ({ ...before, name: text.replaceAll('\n', ' ') }))}
        className="-mx-1 resize-none [field-sizing:content] rounded-[8px] px-1 font-heading text-30 font-bold leading-36 tracking-tight text-ink"
      />
    </>
  );
});

/** Name, yield and serving of a drink, and what is most often done with it. */
export const DrinkHeader = memo(function DrinkHeader({
  document,
  analysis,
  onEdit,
  onMake,
  onResize,
  onMore,
}: DrinkHeaderProps) {
  const { total, servings } = yieldWords(analysis);
  const why =
    analysis.problems.length > 0
      ? 'First, a line that asks something'
      : analysis.trace.pot.mass_g > 0
        ? null
        : 'Nothing is in it yet';
  const { total_min, handsOn_min } = analysis.trace;
  return (
    <View className="gap-2 border-b border-line pb-3">
      <DrinkName name={document.name} onEdit={onEdit} />
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <View className="max-w-full">
          <Text>
            <Text variant="strong">{total}</Text>
            {'  →  '}
            <Text variant="strong">{servings}</Text> × {analysis.serving?.text ?? document.serving}
          </Text>
          {total_min >= 1 ? (
            <Text variant="small">
              {durationWords(total_min)}, your hands for {durationWords(handsOn_min)}
            </Text>
          ) : null}
        </View>
        <View className="max-w-full flex-row flex-wrap gap-2">
          <Button label="More" kind="plain" onPress={onMore} />
          <Button label="Resize" kind="plain" why={why} onPress={onResize} />
          <Button label="Make it" why={why} onPress={onMake} />
        </View>
      </View>
    </View>
  );
});

interface SizeAndKindProps {
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly onEdit: DrinkHeaderProps['onEdit'];
  readonly onTotal: (mark: string) => void;
  readonly onDelete: () => void;
  readonly onClose: () => void;
}

/** How it is served, filled up, measured against, and what kind of drink it is. */
export function SizeAndKind({ onClose, ...rest }: SizeAndKindProps) {
  return (
    <Sheet title="Size and kind" open onClose={onClose}>
      <Settings {...rest} />
    </Sheet>
  );
}

function Settings({ document, analysis, onEdit, onTotal, onDelete }: Omit<SizeAndKindProps, 'onClose'>) {
  const [total, setTotal] = useState(totalMark(document) ?? yieldWords(analysis).total);
  const serving = readAmount(document.serving);
  const mark = readAmount(total);
  const badTotal =
    'kind' in mark ? mark.message : mark.unit.dimension === 'volume' ? undefined : 'A total is a volume, such as 1 L.';
  const targets = TARGETS.filter(({ kinds }) => kinds.includes(analysis.drink.kind));
  return (
    <>
      <Field
        label="Serving"
        value={document.serving}
        onChangeText={(text) => onEdit((before) => ({ ...before, serving: text }))}
        error={'kind' in serving ? serving.message : undefined}
      />
      <Field
        label="Fill up to"
        value={total}
        onChangeText={(text) => {
          setTotal(text);
          const read = readAmount(text);
          if (!('kind' in read) && read.unit.dimension === 'volume') onTotal(text);
        }}
        error={badTotal}
        help="Water is filled up to this mark. The other steps stay as they are."
      />
      {targets.length > 1 ? (
        <View className="gap-2">
          <Text variant="smallStrong">Measured against</Text>
          <Choice
            label="Measured against"
            options={targets.map(({ code, name }) => ({ value: code, label: name }))}
            value={document.target ?? targets[0]!.code}
            onChange={(target) => onEdit((before) => ({ ...before, target }))}
          />
        </View>
      ) : null}
      <View className="gap-2">
        <Text variant="smallStrong">Kind</Text>
        <Choice
          label="Kind"
          options={DRINK_KINDS.map((kind) => ({ value: kind, label: KIND_NAMES[kind] }))}
          value={analysis.drink.kind}
          onChange={(kind) => onEdit((before) => ({ ...before, kind, target: null }))}
        />
      </View>
      <Button label="Delete drink" kind="danger" onPress={onDelete} className="self-start" />
    </>
  );
}
