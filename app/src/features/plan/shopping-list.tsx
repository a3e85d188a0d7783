import { View } from 'react-native';
import { noticeRaised } from '../../state/notices';
import { calledAs, takenOutOf } from '@wellhydra/core/stores';
import { itemsSaved } from '../../domain/stores/shopping';
import { useHouse } from '../../domain/stores/use-house';
import { toBuy } from '../../domain/stores/to-buy';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { PlanSection } from './plan-section';
import { shoppingOf } from './plan-view';
import type { PlannedDrink } from './problem/planned-drinks';

/** Everything that goes into the drinks of the plan, added up. */
export function ShoppingList({ planned }: { readonly planned: readonly PlannedDrink[] }) {
  const dispatch = useAppDispatch();
  const list = shoppingOf(planned);
  const now = useNow();
  const house = useHouse(now);
  const shopping = useAppSelector((state) => state.shopping.mine);
  const buy = () => {
    const wanting = planned.map(({ document, analysis }) => ({
      name: document.name || 'Unnamed drink',
      ...takenOutOf(analysis.trace),
    }));
    // What is made today for another drink of today is there by then.
    const made = new Map(house.made);
    for (const { document, analysis } of planned)
      made.set(calledAs(document.name), (made.get(calledAs(document.name)) ?? 0) + (analysis.liquid?.volume_mL ?? 0));
    const items = toBuy(wanting, { ...house, made }, shopping, { now: new Date(), newId: () => crypto.randomUUID() });
    const count = Object.keys(items).length;
    if (count > 0) dispatch(itemsSaved(items));
    dispatch(
      noticeRaised({
        text: count === 0 ? 'Everything is there, or on the list' : `${count} to buy, on the list in Stores`,
      }),
    );
  };
  const copy = async () => {
    const text = list.map(({ name, total }) => `${total} ${name.toLowerCase()}`).join('\n');
    try {
      await navigator.clipboard.writeText(text);
      dispatch(noticeRaised({ text: 'The list is copied' }));
    } catch {
      dispatch(
        noticeRaised({ text: 'This browser does not let it be copied. Mark it and copy it by hand.', grave: true }),
      );
    }
  };
  return (
    <PlanSection title="To have in the house">
      <View role="list" aria-label="To have in the house">
        {list.map(({ name, total, lines }) => (
          <View key={name} role="listitem" className="border-b border-line py-2">
            <Text>
              <Text variant="strong">{total}</Text> {name.toLowerCase()}
            </Text>
            <Text variant="small">{lines.join('; ')}</Text>
          </View>
        ))}
      </View>
      <Button label="Put what is missing on the list" className="self-start" onPress={buy} />
      <Button label="Copy the list" kind="plain" className="self-start" onPress={() => void copy()} />
    </PlanSection>
  );
}
