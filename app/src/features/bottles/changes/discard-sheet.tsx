import type { BottleRecord } from '@wellhydra/contract';
import { useState } from 'react';
import { bottleChanged, changeTakenBack } from '../../../domain/bottles/bottle-deeds';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { StopNote } from '../../../ui/stop-note';
import { Text } from '../../../ui/text';
import { REASONS, type Reason } from './reasons';

interface DiscardSheetProps {
  readonly bottles: readonly BottleRecord[];
  readonly onClose: () => void;
  readonly onDone?: () => void;
}

/** Throws bottles away, and notes why. */
export function DiscardSheet({ bottles, onClose, onDone }: DiscardSheetProps) {
  const dispatch = useAppDispatch();
  const [reason, setReason] = useState<Reason>(REASONS[0]);
  const [words, setWords] = useState('');
  const what = bottles.length === 1 ? bottles[0]!.drinkName : `${bottles.length} bottles`;
  const discard = () => {
    const at = new Date().toISOString();
    const said = reason === 'Another reason' ? words.trim() || reason : reason;
    const done = bottles.map((bottle) => ({ bottle, changeId: crypto.randomUUID() }));
    for (const { bottle, changeId } of done)
      dispatch(bottleChanged(bottle, changeId, { kind: 'discarded', at, reason: said }));
    const back = () => done.forEach(({ bottle, changeId }) => dispatch(changeTakenBack(bottle, changeId)));
    dispatch(noticeRaised({ text: `${what} thrown away`, action: { label: 'Undo', run: keepAction(back) } }));
    onClose();
    onDone?.();
  };
  return (
    <Sheet title={`Throw ${what} away?`} open onClose={onClose}>
      <Choice
        label="Why"
        options={REASONS.map((each) => ({ value: each, label: each }))}
        value={reason}
        onChange={setReason}
      />
      {reason === 'Another reason' ? (
        <Field label="Which" value={words} maxLength={200} onChangeText={setWords} />
      ) : null}
      {reason === REASONS[1] ? (
        <StopNote
          title="The whole of it"
          text="Do not skim or taste it. Only a smooth jelly disc in vinegar is harmless. Source: NCHFP."
        />
      ) : null}
      <Text className="text-mute">It is noted, and can be taken back as long as the message stands.</Text>
      <Button label="Throw away" kind="danger" size="large" onPress={discard} />
    </Sheet>
  );
}
