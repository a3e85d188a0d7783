import type { BottleRecord } from '@wellhydra/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { batchTakenBack } from '../../domain/bottles/bottle-deeds';
import { useAppDispatch } from '../../domain/store';
import { noticeRaised } from '../../state/notices';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';

interface TakeBackProps {
  readonly brew: Pick<BottleRecord, 'brewId' | 'batch' | 'drinkName'>;
}

/** A brew that was put on the shelf by mistake is taken back whole: its bottles go, and its lots are full again. */
export function TakeBack({ brew }: TakeBackProps) {
  const dispatch = useAppDispatch();
  const [open, setOpen] = useState(false);
  const take = () => {
    router.replace('/shelf');
    dispatch(noticeRaised({ text: `Batch ${brew.batch} is taken back` }));
    dispatch(batchTakenBack(brew));
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
        <Sheet title={`Take batch ${brew.batch} back`} open onClose={() => setOpen(false)}>
          <Text>
            All its bottles leave the shelf, and what it took of the stores is in the house again. It is gone as if it
            had never been made. Once something of it was poured, split or thrown away it stays.
          </Text>
          <Button label="Take it back" kind="danger" size="large" onPress={take} />
        </Sheet>
      ) : null}
    </>
  );
}
