import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import type { RunContext } from '../../../domain/run/run-context';
import { resizeForm, resizeView, type ResizeMode } from './resize-view';

interface ResizeSheetProps {
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly context: RunContext;
  readonly onTake: (document: DrinkDocument) => void;
  readonly onClose: () => void;
}

const MODES: readonly { readonly value: ResizeMode; readonly label: string }[] = [
  { value: 'servings', label: 'Servings' },
  { value: 'volume', label: 'Volume' },
  { value: 'bottles', label: 'Fill bottles' },
  { value: 'use-up', label: 'Use up' },
  { value: 'pot', label: 'Fit a pot' },
];

/** Makes a drink larger or smaller; shows what it becomes before anything changes. */
export function ResizeSheet({ document, analysis, context, onTake, onClose }: ResizeSheetProps) {
  const [form, setForm] = useState(() => resizeForm(analysis, context));
  const view = useMemo(() => resizeView(document, analysis, form, context), [document, analysis, form, context]);
  const { settings } = context;
  const names = (rows: readonly { readonly name: string }[]) => rows.map(({ name }) => ({ value: name, label: name }));
  return (
    <Sheet title="Resize" open onClose={onClose}>
      <Choice label="Resize to" options={MODES} value={form.mode} onChange={(mode) => setForm({ ...form, mode })} />
      {form.mode === 'servings' ? (
        <Field
          label={`Servings of ${analysis.serving?.text ?? document.serving}`}
          inputMode="decimal"
          value={form.servings}
          onChangeText={(servings) => setForm({ ...form, servings })}
        />
      ) : null}
      {form.mode === 'volume' ? (
        <Field label="To make" value={form.volume} onChangeText={(volume) => setForm({ ...form, volume })} />
      ) : null}
      {form.mode === 'bottles' ? (
        <>
          <Field
            label="How many"
            inputMode="numeric"
            value={form.count}
            onChangeText={(count) => setForm({ ...form, count })}
          />
          <Choice
            label="Bottles"
            options={names(settings.containers)}
            value={form.container}
            onChange={(container) => setForm({ ...form, container })}
          />
        </>
      ) : null}
      {form.mode === 'use-up' ? (
        <Field
          label="What is there"
          placeholder="340 g honey"
          placeholderTextColor="#6B807F"
          value={form.line}
          onChangeText={(line) => setForm({ ...form, line })}
        />
      ) : null}
      {form.mode === 'pot' ? (
        <Choice
          label="Pot"
          options={names(settings.pots)}
          value={form.pot}
          onChange={(pot) => setForm({ ...form, pot })}
        />
      ) : null}
      {view.kind === 'wrong' ? (
        <Text role="status" className="text-mute">
          {view.message}
        </Text>
      ) : (
        <View className="gap-3">
          <Text variant="heading" role="status">
            {view.factor}: {view.comesTo}
          </Text>
          {view.hints.map((hint) => (
            <View key={hint} className="rounded-[12px] bg-amber p-3">
              <Text className="text-14 leading-20 text-onamber">{hint}</Text>
            </View>
          ))}
          <View role="list" aria-label="What changes">
            {view.changes.map(({ id, was, is }) => (
              <View role="listitem" key={id} className="flex-row justify-between gap-3 border-b border-line py-2">
                <Text className="flex-1 text-mute">{was}</Text>
                <Text variant="strong" className="flex-1 text-right">
                  {is}
                </Text>
              </View>
            ))}
          </View>
          <Button label="Use this size" size="large" onPress={() => onTake(view.document)} />
        </View>
      )}
    </Sheet>
  );
}
