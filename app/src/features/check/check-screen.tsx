import { mostAlike } from '@wellhydra/core/compare';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo, useRef, useState } from 'react';
import { ScrollView, View, type TextInput } from 'react-native';
import { checkOpened } from '../../domain/checks/checked-text';
import { LONGEST_CHECK } from '../../domain/checks/limits';
import { drinkStarted } from '../../domain/drinks/drafts';
import { runContext } from '../../domain/run/run-context';
import { useRunContext } from '../../domain/run/use-run-context';
import { useAppDispatch } from '../../domain/store';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { useIsWide } from '../../ui/use-layout';
import { CompareSheet } from '../drink/compare/compare-sheet';
import type { CheckView } from './check-view';
import { comparedDrinks, keptDrinks } from './keep-drink';
import { RunsPanel, SlipsPanel } from './outcome';
import { sharedText } from './put-in';
import { Source } from './source';
import { SideBySide } from './side-by-side';
import { useCheck } from './use-check';

const newId = () => crypto.randomUUID();

/** Text that another application has shared stands in the box; what stood there is one press away. */
function useShared(open: (text: string, from: string) => void): void {
  const params = useLocalSearchParams();
  const shared = sharedText(params);
  useEffect(() => {
    if (shared === '') return;
    open(shared.slice(0, LONGEST_CHECK), 'shared');
    router.replace('/check');
    // What is shared is taken once, whatever the text becomes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shared]);
}

/** Makes a drink of what was checked, and goes there. */
function useKeep(text: string, from: string) {
  const dispatch = useAppDispatch();
  const { documents } = useRunContext();
  return (view: CheckView) => {
    if (!view.drink) return;
    const taken = new Set(documents.map(({ name }) => name.trim()));
    const { main, parts } = keptDrinks(view.drink, text, taken, newId);
    parts.forEach((document) => dispatch(drinkStarted({ id: newId(), document })));
    const id = newId();
    dispatch(drinkStarted({ id, document: main }));
    dispatch(checkOpened({ text: '', from: '' }));
    const run = keepAction(() => dispatch(checkOpened({ text, from })));
    dispatch(noticeRaised({ text: 'It is a drink of yours now', action: { label: 'Keep the text here, too', run } }));
    router.push(`/drinks/${id}`);
  };
}

/** Paste a recipe: what it is, what it comes to, and what is wrong with it. */
export function CheckScreen() {
  const wide = useIsWide();
  const check = useCheck();
  const { text, from, view } = check;
  const [writing, setWriting] = useState(false);
  const [comparing, setComparing] = useState<'alike' | 'chosen' | null>(null);
  const alike = useAlike(view);
  const box = useRef<TextInput>(null);
  useShared(check.open);
  const keep = useKeep(text, from);
  const write = () => {
    setWriting(true);
    setTimeout(() => box.current?.focus(), 0);
  };
  const read = !writing && text.trim() !== '';
  const source = (
    <Source
      check={check}
      writing={!read}
      box={box}
      onFocus={() => setWriting(true)}
      onWrite={write}
      onRead={() => setWriting(false)}
    />
  );
  const slips = view ? (
    <SlipsPanel
      view={view}
      alike={alike?.name ?? null}
      onChange={check.change}
      onKeep={() => keep(view)}
      onCompare={(withAlike) => setComparing(withAlike ? 'alike' : 'chosen')}
    />
  ) : null;
  const runs = view ? <RunsPanel view={view} onChange={check.change} onWrite={write} /> : null;
  return (
    <View role="main" className="flex-1 bg-mist">
      {wide ? (
        <SideBySide view={view} writing={!read} source={source} runs={runs} slips={slips} />
      ) : (
        <ScrollView keyboardShouldPersistTaps="handled">
          <View className="pb-5">{source}</View>
          {slips}
          {runs}
        </ScrollView>
      )}
      {comparing && view?.drink ? (
        <Compared view={view} other={comparing === 'alike' ? alike : undefined} onClose={() => setComparing(null)} />
      ) : null}
    </View>
  );
}

/** The drink of the kitchen that is most like a recipe. */
function useAlike(view: CheckView | null): DrinkDocument | undefined {
  const { documents } = useRunContext();
  const drink = view?.drink;
  return useMemo(
    () =>
      drink
        ? mostAlike(
            drink,
            documents.filter(({ name }) => name.trim() !== ''),
          )
        : undefined,
    [drink, documents],
  );
}

interface ComparedProps {
  readonly view: CheckView;
  readonly other: DrinkDocument | undefined;
  readonly onClose: () => void;
}

/** The recipe beside a drink of the kitchen; what it makes beforehand is at hand. */
function Compared({ view, other, onClose }: ComparedProps) {
  const context = useRunContext();
  const { main, own } = useMemo(() => {
    const drinks = comparedDrinks(view.drink!);
    return { ...drinks, own: runContext(context.settings, [...context.documents, ...drinks.parts]) };
  }, [view, context]);
  const from = other ? { title: other.name, document: other } : undefined;
  return <CompareSheet document={main} context={own} from={from} onClose={onClose} />;
}
