import { View } from 'react-native';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { PlanSection } from './plan-section';
import { shoppingOf } from './plan-view';
import type { PlannedDrink } from './problem/planned-drinks';

/** Everything that goes into the drinks of the plan, added up. */
export function ShoppingList({ planned }: { readonly planned: readonly PlannedDrink[] }) {
  const dispatch = useAppDispatch();
  const list = shoppingOf(planned);
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
      <Button label="Copy the list" kind="plain" className="self-start" onPress={() => void copy()} />
    </PlanSection>
  );
}
