import type { BottleRecord } from '@wellhydra/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { bottleChanged, changeTakenBack } from '../../../domain/bottles/bottle-deeds';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { LabelSheet } from '../labels/label-sheet';
import { AmountSheet, type AmountChange } from './amount-sheet';
import { DiscardSheet } from './discard-sheet';
import { MoveSheet } from './move-sheet';

type Open = AmountChange | 'move' | 'discard' | 'labels';

/** Everything that can be done to a bottle besides pouring from it. */
export function BottleActions({ bottle }: { readonly bottle: BottleRecord }) {
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState<Open | null>(null);
  const close = () => setOpen(null);
  const openIt = () => {
    const changeId = crypto.randomUUID();
    dispatch(bottleChanged(bottle, changeId, { kind: 'opened', at: new Date().toISOString() }));
    const back = () => void dispatch(changeTakenBack(bottle, changeId));
    dispatch(
      noticeRaised({ text: 'Opened: the shorter date begins', action: { label: 'Undo', run: keepAction(back) } }),
    );
  };
  const frozen = bottle.place === 'freezer';
  return (
    <View role="toolbar" aria-label="What is done to it" className="flex-row flex-wrap gap-2">
      {bottle.openedAt === null ? <Button label="Open" kind="plain" onPress={openIt} /> : null}
      <Button label={frozen ? 'Thaw or move' : 'Move or freeze'} kind="plain" onPress={() => setOpen('move')} />
      <Button label="Label" kind="plain" onPress={() => setOpen('labels')} />
      <Button label="Top up" kind="plain" onPress={() => setOpen('topped-up')} />
      <Button label="Split" kind="plain" onPress={() => setOpen('split')} />
      <Button label="Correct" hint="Correct how much is left" kind="plain" onPress={() => setOpen('corrected')} />
      <Button label="Throw away" kind="danger" onPress={() => setOpen('discard')} />
      {open === 'move' ? <MoveSheet bottles={[bottle]} onClose={close} /> : null}
      {open === 'discard' ? <DiscardSheet bottles={[bottle]} onClose={close} /> : null}
      {open === 'labels' ? <LabelSheet bottles={[bottle]} onClose={close} /> : null}
      {open === 'topped-up' || open === 'split' || open === 'corrected' ? (
        <AmountSheet bottle={bottle} change={open} onClose={close} />
      ) : null}
    </View>
  );
}
