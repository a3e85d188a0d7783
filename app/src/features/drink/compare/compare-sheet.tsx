import { readPastedDrink } from '@wellhydra/core/compare';
import { drinkDocumentOf, type DrinkDocument, type DrinkKind } from '@wellhydra/core/drink';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import type { RunContext } from '../../../domain/run/run-context';
import { compareView, type CompareView } from './compare-view';

/** The other drink, and what it is called here. */
export interface Other {
  readonly title: string;
  readonly document: DrinkDocument;
}

interface CompareSheetProps {
  readonly document: DrinkDocument;
  readonly context: RunContext;
  /** Chosen already, where it was asked for from a version. */
  readonly from?: Other | undefined;
  readonly onClose: () => void;
}

/** Two drinks side by side. */
export function CompareSheet({ document, context, from, onClose }: CompareSheetProps) {
  const [other, setOther] = useState<Other | null>(from ?? null);
  return (
    <Sheet title="Compare" open onClose={onClose} wide>
      {other ? (
        <Compared document={document} other={other} context={context} onAgain={() => setOther(null)} />
      ) : (
        <ChooseOther document={document} context={context} onChoose={setOther} />
      )}
    </Sheet>
  );
}

function ChooseOther({
  document,
  context,
  onChoose,
}: {
  readonly document: DrinkDocument;
  readonly context: RunContext;
  readonly onChoose: (other: Other) => void;
}) {
  const [pasted, setPasted] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const others = context.documents.filter(({ name }) => name.trim() !== '' && name !== document.name);
  const sameKind = (each: DrinkDocument) => Number(each.kind === document.kind);
  const sorted = [...others].sort((a, b) => sameKind(b) - sameKind(a) || a.name.localeCompare(b.name));
  const read = () => {
    const drink = readPastedDrink(pasted, document.kind as DrinkKind);
    if (drink.kind === 'no-drink') return setProblem(drink.because);
    let count = 0;
    const made = drinkDocumentOf({ serving: document.serving, ...drink.drink }, () => `p${(count += 1)}`);
    return onChoose({ title: made.name, document: made });
  };
  return (
    <View className="gap-4">
      <Text variant="smallStrong">With a drink of yours</Text>
      <Choice
        label="With a drink of yours"
        options={sorted.map(({ name }) => ({ value: name, label: name }))}
        value=""
        onChange={(name) => onChoose({ title: name, document: others.find((each) => each.name === name)! })}
      />
      <Field
        label="Or with one you paste, a step a line"
        value={pasted}
        multiline
        numberOfLines={6}
        onChangeText={(text) => {
          setPasted(text);
          setProblem(undefined);
        }}
        error={problem}
      />
      <Button label="Compare with this" why={pasted.trim() === '' ? 'Paste a drink first' : null} onPress={read} />
    </View>
  );
}

const MARKS: Readonly<Record<CompareView['steps'][number]['kind'], string>> = {
  same: '',
  changed: 'bg-amber',
  'only-first': 'bg-[#FFE3D8]',
  'only-second': 'bg-[#D8EDE6]',
};
const SAYS = { same: '', changed: 'changed', 'only-first': 'only here', 'only-second': 'only there' } as const;

function Compared({
  document,
  other,
  context,
  onAgain,
}: {
  readonly document: DrinkDocument;
  readonly other: Other;
  readonly context: RunContext;
  readonly onAgain: () => void;
}) {
  const view = useMemo(() => compareView(document, other.document, context), [document, other, context]);
  return (
    <View className="gap-4">
      <View className="flex-row gap-3">
        <Text variant="subheading" className="flex-1">
          {document.name || 'This drink'}
        </Text>
        <Text variant="subheading" className="flex-1">
          {other.title}
        </Text>
      </View>
      <View role="list" aria-label="What that does">
        {view.figures.map(({ label, first, second, change }) => (
          <View role="listitem" key={label} className="border-b border-line py-2">
            <Text variant="small">
              {label}
              {change ? ` · ${change}` : ''}
            </Text>
            <View className="flex-row gap-3">
              <Text variant="strong" className="flex-1">
                {first}
              </Text>
              <Text variant="strong" className="flex-1">
                {second}
              </Text>
            </View>
          </View>
        ))}
        {view.figures.length === 0 ? <Text>Nothing differs in what comes out.</Text> : null}
      </View>
      <Text variant="subheading">Steps</Text>
      <View role="list" aria-label="Steps side by side">
        {view.steps.map(({ key, kind, first, second }) => (
          <View role="listitem" key={key} className={`flex-row gap-3 border-b border-line px-1 py-2 ${MARKS[kind]}`}>
            <Text className={`flex-1 text-14 leading-20 ${kind === 'same' ? 'text-mute' : 'text-[#10292B]'}`}>
              {first || '–'}
            </Text>
            <Text className={`flex-1 text-14 leading-20 ${kind === 'same' ? 'text-mute' : 'text-[#10292B]'}`}>
              {second || '–'}
            </Text>
            <Text variant="small" className={`w-[72px] text-right ${kind === 'same' ? '' : 'text-[#10292B]'}`}>
              {SAYS[kind]}
            </Text>
          </View>
        ))}
      </View>
      <Button label="Compare with another" kind="plain" onPress={onAgain} className="self-start" />
    </View>
  );
}
