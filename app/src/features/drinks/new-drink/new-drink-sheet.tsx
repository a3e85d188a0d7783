import type { DrinkDocument, DrinkKind } from '@wellhydra/core/drink';
import { TARGETS } from '@wellhydra/core/target';
import { router } from 'expo-router';
import { useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { begunWritten } from '../../../domain/drinks/begun-words';
import { drinkStarted } from '../../../domain/drinks/drafts';
import { kindNamed } from '../../../domain/drinks/kinds';
import { kindsFor } from '../../../domain/drinks/kind-words';
import { readPasted } from '../../../domain/drinks/paste-client';
import { looksLikeRecipe, pastedWords } from '../../../domain/drinks/pasted-words';
import { newDocument } from '../../../domain/drinks/starters';
import { useGetSettingsQuery } from '../../../domain/kitchen/kitchen-endpoints';
import { useAppDispatch, useAppSelector } from '../../../domain/store';
import { useListLotsQuery } from '../../../domain/stores/store-endpoints';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Field } from '../../../ui/field';
import { afterwards } from '../../../ui/focus';
import { wasByKeys } from '../../../ui/last-input';
import { ARROW_KEYS, goToFirst } from '../../../ui/list-keys';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';
import { useIsWide } from '../../../ui/use-layout';
import { useFigures } from '../use-figures';
import { KindLine } from './kind-line';
import { STARTED, kindRows } from './kind-rows';

const newId = (): string => crypto.randomUUID();
const ALL = Object.values(STARTED);
/** Of what nobody has said what it is. */
const ANY_KIND: DrinkKind = 'tonic';

interface NewDrinkSheetProps {
  readonly onClose: () => void;
}

/** Begins a drink with what one has in mind: words, a recipe, what is in the house, a target, or a kind. */
export function NewDrinkSheet({ onClose }: NewDrinkSheetProps) {
  const dispatch = useAppDispatch();
  const words = useAppSelector(({ begun }) => begun.text);
  const [usual, setUsual] = useState(true);
  const [fromHouse, setFromHouse] = useState(false);
  const { data: stored } = useGetSettingsQuery();
  const { data: stores } = useListLotsQuery();
  const figuresOf = useFigures(stored?.settings ?? null, ALL);
  const recipe = looksLikeRecipe(words);
  const said = recipe ? '' : words;
  const lots = fromHouse ? (stores?.lots ?? null) : null;
  const rows = useMemo(() => kindRows(said, figuresOf, lots), [said, figuresOf, lots]);
  const fit = rows.some(({ fits }) => fits);
  const begin = (document: DrinkDocument, tool = '') => {
    const id = newId();
    dispatch(drinkStarted({ id, document }));
    dispatch(begunWritten(''));
    onClose();
    // The sheet gives the keys back to the list as it goes; the drink has them after that.
    afterwards(() => router.push(`/drinks/${id}${tool}`));
  };
  const kinds = useRef<View>(null);
  const wide = useIsWide();
  const start = (kind: DrinkKind) => begin(newDocument(kind, newId, !usual));
  return (
    <Sheet title="What will it be?" open onClose={onClose}>
      <Field
        label="What you have in mind, or a recipe you paste"
        placeholder="Something warm for a sore throat"
        placeholderTextColor="#6B807F"
        multiline
        maxLength={12_000}
        value={words}
        onChangeText={(text) => dispatch(begunWritten(text))}
        autoFocus={wide || wasByKeys()}
        onKeyPress={(event) => {
          const { key } = event.nativeEvent;
          // What stands in the box: whoever is quick is ahead of the page.
          const { value } = event.target as unknown as HTMLTextAreaElement;
          const named = key === 'Enter' ? kindNamed(value) : undefined;
          if (named) start(named);
          else if (key === 'ArrowDown' && !value.includes('\n')) goToFirst(kinds.current as unknown as Element);
          else return;
          event.preventDefault();
        }}
      />
      {recipe ? <BeginWithRecipe text={words} onBegin={begin} /> : null}
      {said.trim() === '' ? null : (
        <Text role="status" variant="small">
          {fit
            ? 'People make these then. They are drinks, not cures.'
            : 'No kind is known by these words. All of them stand below.'}
        </Text>
      )}
      <View className="flex-row flex-wrap gap-x-6">
        <Toggle label="Begin with the usual steps" value={usual} onChange={setUsual} />
        <Toggle label="From what is in the house" value={fromHouse} onChange={setFromHouse} />
      </View>
      <View ref={kinds} role="group" aria-label="Kinds" {...ARROW_KEYS}>
        {rows.map((row) => (
          <KindLine key={row.kind} {...row} onStart={start} />
        ))}
      </View>
      <View className="gap-2">
        <Text variant="subheading">Or begin with what should be in it</Text>
        <Text variant="small">The doses are worked out for what you have and what you measure with.</Text>
        <View className="flex-row flex-wrap gap-2">
          {TARGETS.map(({ code, name, kinds }) => (
            <Button
              key={code}
              label={name}
              kind="plain"
              onPress={() => begin({ ...newDocument(kinds[0]!, newId, true), target: code }, '?tool=aim')}
            />
          ))}
        </View>
      </View>
    </Sheet>
  );
}

/** A recipe as steps of a new drink; what cannot be read stays where it was typed. */
function BeginWithRecipe({
  text,
  onBegin,
}: {
  readonly text: string;
  readonly onBegin: (document: DrinkDocument) => void;
}) {
  const dispatch = useAppDispatch();
  const [problem, setProblem] = useState<string | null>(null);
  const begin = async () => {
    const pasted = await readPasted(text).catch(() => null);
    if (!pasted) return setProblem('No step was found in it. Write one a line, such as: 500 mL water.');
    const document = newDocument(kindsFor(text)[0] ?? ANY_KIND, newId, true);
    onBegin({
      ...document,
      steps: [
        ...[...pasted.steps, ...pasted.left].map((step) => ({ ...step, id: newId() })),
        ...pasted.atServing.map((step) => ({ ...step, id: newId(), atServing: true as const })),
      ],
    });
    dispatch(noticeRaised({ text: pastedWords(pasted) }));
  };
  return (
    <View className="gap-2">
      <Button label="Begin with this recipe" className="self-start" onPress={() => void begin()} />
      {problem ? (
        <Text role="alert" variant="small" className="text-heat">
          {problem}
        </Text>
      ) : null}
    </View>
  );
}
