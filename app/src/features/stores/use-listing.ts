import type { House } from '../../domain/stores/house';
import { itemsSaved } from '../../domain/stores/shopping';
import { toBuy, type Wanting } from '../../domain/stores/to-buy';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { noticeRaised } from '../../state/notices';

/** Puts what is missing for drinks on the list of what is to be bought. */
export function useListing(house: House) {
  const dispatch = useAppDispatch();
  const shopping = useAppSelector((state) => state.shopping.mine);
  return (wanting: readonly Wanting[]) => {
    const items = toBuy(wanting, house, shopping, { now: new Date(), newId: () => crypto.randomUUID() });
    const count = Object.keys(items).length;
    if (count > 0) dispatch(itemsSaved(items));
    const text =
      count === 0
        ? 'Everything is there, or on the list already'
        : `${count} ${count === 1 ? 'thing is' : 'things are'} on the list`;
    dispatch(noticeRaised({ text }));
  };
}
