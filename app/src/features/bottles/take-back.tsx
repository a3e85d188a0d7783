import { router } from 'expo-router';
import { useState } from 'react';
import { useUndoBrewMutation } from '../../domain/bottles/bottle-endpoints';
import { useAppDispatch } from '../../domain/store';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Refusal } from '../../ui/refusal';
import { Text } from '../../ui/text';

/** A brew that was put on the shelf by mistake is taken back whole: its bottles go, and its lots are full again. */
export function TakeBack({ brewId, batch }: { readonly brewId: string; readonly batch: string }) {
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState(false);
  const [undo, { isLoading }] = useUndoBrewMutation();
  const [failure, setFailure] = useState<string | null>(null);
  const take = async () => {
    const { error } = await undo(brewId);
    if (error) return setFailure(failureOf(error).message);
    router.replace('/shelf');
    dispatch(noticeRaised({ text: `Batch ${batch} is taken back` }));
  };
  return (
    <>
      <Button
        label="Take the batch back"
        hint="Take the batch back, as if it had never been made"
        kind="quiet"
        className="self-start"
        onPress={() => setOpen(true)}
      />
      {open ? (
        <Sheet title={`Take batch ${batch} back`} open onClose={() => setOpen(false)}>
          <Text>
            All its bottles leave the shelf, and what it took of the stores is in the house again. It is gone as if it
            had never been made.
          </Text>
          <Refusal message={failure} />
          <Button label="Take it back" kind="danger" size="large" disabled={isLoading} onPress={() => void take()} />
        </Sheet>
      ) : null}
    </>
  );
}
