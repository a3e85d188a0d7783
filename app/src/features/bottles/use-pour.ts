import type { BottleRecord } from '@wellhydra/contract';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { keepAction } from '../../state/undo-actions';
import { pourTakenBack, pouredFrom } from '../../domain/bottles/bottle-deeds';
import { bottleView, nextPour_mL } from './bottles-view';

/** Pours a serving from a bottle, with or without a network, and offers to take it back. */
export function usePour(): (bottle: BottleRecord) => void {
  const dispatch = useAppDispatch();
  return (bottle) => {
    const now = new Date();
    const pour = { pourId: crypto.randomUUID(), volume_mL: nextPour_mL(bottle) };
    dispatch(pouredFrom(bottle, { ...pour, at: now }));
    const poured = bottleView(bottle, now).pourLabel.replace('Pour ', '');
    dispatch(
      noticeRaised({
        text: `Poured ${poured} of ${bottle.drinkName}`,
        action: { label: 'Undo', run: keepAction(() => void dispatch(pourTakenBack(bottle, pour))) },
      }),
    );
  };
}
