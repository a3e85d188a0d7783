import type { BottleRecord } from '@wellhydra/contract';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../state/store';
import { keepAction } from '../../state/undo-actions';
import { usePourBottleMutation, useUndoPourMutation } from './bottle-endpoints';
import { bottleView, nextPour_mL } from './bottles-view';

/** Pours a serving from a bottle, and offers to take it back. */
export function usePour(): (bottle: BottleRecord) => Promise<void> {
  const dispatch = useAppDispatch();
  const [pour] = usePourBottleMutation();
  const [undo] = useUndoPourMutation();
  const raise = (error: unknown) => dispatch(noticeRaised({ text: failureOf(error).message, grave: true }));
  return async (bottle) => {
    const ids = { id: bottle.id, pourId: crypto.randomUUID() };
    const now = new Date();
    const { error } = await pour({ ...ids, volume_mL: nextPour_mL(bottle), pouredAt: now.toISOString() });
    if (error) return void raise(error);
    const takeBack = async () => {
      const undone = await undo(ids);
      if (undone.error) raise(undone.error);
    };
    const poured = bottleView(bottle, now).pourLabel.replace('Pour ', '');
    dispatch(
      noticeRaised({
        text: `Poured ${poured} of ${bottle.drinkName}`,
        action: { label: 'Undo', run: keepAction(() => void takeBack()) },
      }),
    );
  };
}
