import type { Analysis } from '@wellhydra/core/analyse';
import { brewRecipe, brewState, drawnOff } from '@wellhydra/core/brew';
import { formatVolume, formatNumber } from '@wellhydra/core/quantity';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useStore } from 'react-redux';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch, type Store } from '../../domain/store';
import { asideRead } from '../../state/sync/queue';
import { settled } from '../../state/sync/settled';
import { Button } from '../../ui/button';
import { localMoment } from '../../ui/moment-field';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { Refusal } from '../../ui/refusal';
import { useNow } from '../../ui/use-now';
import { keepingView } from '../../domain/drinks/cautions-view';
import type { Draft } from '../../domain/drinks/drafts';
import type { RunContext } from '../../domain/run/run-context';
import { brewMade } from '../../domain/bottles/bottle-deeds';
import { BottleForm } from './bottle-form';
import { fillingOf, partsToFill, useBottleForm } from './use-bottle-form';

interface MadeItSheetProps {
  readonly draft: Draft;
  readonly analysis: Analysis;
  readonly context: RunContext;
  readonly onClose: () => void;
}

/** A moment counts as still to come from this far ahead. */
const CLOCKS_DIFFER_ms = 60_000;

/** Records that a drink was made and what it filled. */
export function MadeItSheet({ draft, analysis, context, onClose }: MadeItSheetProps) {
  const dispatch = useAppDispatch();
  const store = useStore() as Store;
  const [isLoading, setLoading] = useState(false);
  const [brewId] = useState(() => crypto.randomUUID());
  const dry = analysis.liquid === null;
  const made = analysis.liquid?.volume_mL ?? analysis.trace.pot.mass_g;
  const toFill = useMemo(() => {
    const recipe = brewRecipe({ document: draft.mine, preparations: context.documents, settings: context.settings });
    return partsToFill(analysis, drawnOff(recipe, brewState([])));
  }, [analysis, draft.mine, context]);
  const form = useBottleForm(toFill);
  const [madeAt, setMadeAt] = useState(() => localMoment(new Date()));
  const now = useNow();
  const [failure, setFailure] = useState<string | null>(null);
  const when = new Date(madeAt);
  const future = when.getTime() > now.getTime() + CLOCKS_DIFFER_ms;
  const keeping = keepingView(analysis);

  const record = async () => {
    if (!form.complete) return;
    const filling = fillingOf(form);
    const { bottles } = filling;
    setLoading(true);
    dispatch(brewMade({ brewId, draft, madeAt: when, filling }));
    const outcome = await settled(store, brewId);
    setLoading(false);
    if (outcome.kind === 'aside') {
      // It is told here, where it can be mended, and not once more on Today.
      dispatch(asideRead(brewId));
      return setFailure(outcome.aside.message);
    }
    onClose();
    router.push(outcome.kind === 'sent' && bottles.length === 1 ? `/bottles/${bottles[0]!.id}` : '/shelf');
    if (outcome.kind === 'waits')
      dispatch(noticeRaised({ text: 'Kept on this device. It is on the shelf once it can be sent.' }));
  };

  const why = draft.unsent
    ? 'The formula is still being saved'
    : future || Number.isNaN(when.getTime())
      ? 'Say when it was made'
      : form.lacks;
  return (
    <Sheet title="Made it" open onClose={onClose}>
      <Text className="text-mute">
        The formula comes to {dry ? `${formatNumber(made)} g` : formatVolume(made)}.{' '}
        {keeping ? `${keeping.title}.` : ''}
      </Text>
      <BottleForm form={form} madeAt={when} />
      <View className="gap-1">
        <Text variant="smallStrong" nativeID="made-at">
          Made
        </Text>
        <input
          type="datetime-local"
          aria-labelledby="made-at"
          value={madeAt}
          onChange={(event) => setMadeAt(event.target.value)}
          className="min-h-[48px] rounded-[10px] border border-line bg-sheet px-3 font-body text-16 text-ink"
        />
        {future ? (
          <Text variant="small" role="alert" className="text-heat">
            That is still to come. Choose when it was made.
          </Text>
        ) : null}
      </View>
      <Refusal message={failure} />
      <Button
        label={draft.unsent ? 'Saving the formula' : 'Put on the shelf'}
        size="large"
        disabled={isLoading}
        why={why}
        onPress={() => void record()}
      />
    </Sheet>
  );
}
