import type { Analysis } from '@wellhydra/core/analyse';
import { formatVolume, formatNumber } from '@wellhydra/core/quantity';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../state/store';
import { Button } from '../../ui/button';
import { localMoment } from '../../ui/moment-field';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { keepingView } from '../drink/figures/cautions-view';
import type { Draft } from '../drink/draft/drafts';
import { useMakeBrewMutation } from './bottle-endpoints';
import { BottleForm, bottlesOf, useBottleForm } from './bottle-form';

interface MadeItSheetProps {
  readonly draft: Draft;
  readonly analysis: Analysis;
  readonly onClose: () => void;
}

/** A moment counts as still to come from this far ahead. */
const CLOCKS_DIFFER_ms = 60_000;

/** Records that a drink was made and what it filled. */
export function MadeItSheet({ draft, analysis, onClose }: MadeItSheetProps) {
  const dispatch = useAppDispatch();
  const [makeBrew, { isLoading }] = useMakeBrewMutation();
  const [brewId] = useState(() => crypto.randomUUID());
  const dry = analysis.liquid === null;
  const made = analysis.liquid?.volume_mL ?? analysis.trace.pot.mass_g;
  const form = useBottleForm(analysis);
  const { filled } = form;
  const [madeAt, setMadeAt] = useState(() => localMoment(new Date()));
  const now = useNow();
  const [failure, setFailure] = useState<string | null>(null);
  const when = new Date(madeAt);
  const future = when.getTime() > now.getTime() + CLOCKS_DIFFER_ms;
  const keeping = keepingView(analysis);

  const record = async () => {
    if (filled.kind !== 'bottles') return;
    const { data, error } = await makeBrew({
      id: brewId,
      drinkId: draft.id,
      drinkRevision: draft.revision,
      madeAt: when.toISOString(),
      bottles: bottlesOf(form),
    });
    if (!data) return setFailure(failureOf(error).message);
    onClose();
    router.push(data.bottleIds.length === 1 ? `/bottles/${data.bottleIds[0]}` : '/shelf');
    dispatch(noticeRaised({ text: `Batch ${data.batch} is on the shelf` }));
  };

  return (
    <Sheet title="Made it" open onClose={onClose}>
      <Text className="text-mute">
        The formula comes to {dry ? `${formatNumber(made)} g` : formatVolume(made)}.{' '}
        {keeping ? `${keeping.title}.` : ''}
      </Text>
      <BottleForm form={form} />
      <View className="gap-1">
        <Text variant="smallStrong" nativeID="made-at">
          Made
        </Text>
        <input
          type="datetime-local"
          aria-labelledby="made-at"
          value={madeAt}
          onChange={(event) => setMadeAt(event.target.value)}
          className="min-h-[48px] rounded-[10px] border border-line bg-sheet px-3 font-body text-[16px] text-ink"
        />
        {future ? (
          <Text variant="small" role="alert" className="text-heat">
            That is still to come. Choose when it was made.
          </Text>
        ) : null}
      </View>
      {failure ? (
        <Text role="alert" className="text-heat">
          {failure}
        </Text>
      ) : null}
      <Button
        label={draft.unsent ? 'Saving the formula' : 'Put on the shelf'}
        size="large"
        disabled={filled.kind !== 'bottles' || isLoading || draft.unsent || future || Number.isNaN(when.getTime())}
        onPress={() => void record()}
      />
    </Sheet>
  );
}
