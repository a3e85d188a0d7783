import type { Analysis } from '@wellhydra/core/analyse';
import { DRINK_KINDS, type DrinkDocument } from '@wellhydra/core/drink';
import { readAmount } from '@wellhydra/core/quantity';
import { TARGETS } from '@wellhydra/core/target';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Field } from '../../ui/field';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { KIND_NAMES } from '../drinks/kinds';
import { totalMark } from './draft/edit-document';
import { yieldWords } from './figures/figures-view';

interface DrinkHeaderProps {
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly saved: string;
  readonly onEdit: (change: (document: DrinkDocument) => DrinkDocument) => void;
  readonly onTotal: (mark: string) => void;
  readonly onMade: () => void;
  readonly onDelete: () => void;
}

/** Name, yield and serving of a drink, and what can be done with it as a whole. */
export function DrinkHeader({ document, analysis, saved, onEdit, onTotal, onMade, onDelete }: DrinkHeaderProps) {
  const [settings, setSettings] = useState(false);
  const { total, servings } = yieldWords(analysis);
  const ready = analysis.problems.length === 0 && analysis.trace.pot.mass_g > 0;
  return (
    <View className="gap-2 border-b border-line pb-3">
      <Text variant="small" role="status">
        {KIND_NAMES[analysis.drink.kind]} · {saved}
      </Text>
      <Text variant="title" className="sr-only">
        {document.name || 'Unnamed drink'}
      </Text>
      <TextInput
        aria-label="Name of the drink"
        value={document.name}
        placeholder="Name this drink"
        placeholderTextColor="#6B807F"
        multiline
        numberOfLines={1}
        submitBehavior="blurAndSubmit"
        onChangeText={(name) => onEdit((before) => ({ ...before, name: name.replaceAll('\n', ' ') }))}
        className="-mx-1 resize-none [field-sizing:content] rounded-[8px] px-1 font-heading text-[30px] font-bold leading-[36px] tracking-tight text-ink"
      />
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Text>
          <Text variant="strong">{total}</Text>
          {'  →  '}
          <Text variant="strong">{servings}</Text> × {analysis.serving?.text ?? document.serving}
        </Text>
        <View className="flex-row gap-2">
          <Button label="Size and kind" kind="plain" onPress={() => setSettings(true)} />
          <Button label="Made it" disabled={!ready} onPress={onMade} />
        </View>
      </View>
      <Sheet title="Size and kind" open={settings} onClose={() => setSettings(false)}>
        <Settings document={document} analysis={analysis} onEdit={onEdit} onTotal={onTotal} onDelete={onDelete} />
      </Sheet>
    </View>
  );
}

function Settings({ document, analysis, onEdit, onTotal, onDelete }: Omit<DrinkHeaderProps, 'saved' | 'onMade'>) {
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
