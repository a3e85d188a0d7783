import { View } from 'react-native';
import { useState } from 'react';
import { useAppDispatch } from '../../domain/store';
import { Button } from '../../ui/button';
import { MomentField } from '../../ui/moment-field';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import type { PlannableDrink } from './problem/planned-drinks';
import { requestAdded } from '../../domain/plans/plans';

/** A drink is wanted tomorrow at noon where nobody says otherwise. */
function tomorrowNoon(now: Date): Date {
  return new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1, 12);
}

/** Picks a drink, and says by when it is wanted. */
export function AddRequest({
  drinks,
  now,
  onClose,
}: {
  readonly drinks: readonly PlannableDrink[];
  readonly now: Date;
  readonly onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const [readyBy, setReadyBy] = useState(() => tomorrowNoon(now));
  const add = (drinkId: string) => {
    dispatch(requestAdded({ id: crypto.randomUUID(), drinkId, readyBy: readyBy.toISOString() }));
    onClose();
  };
  return (
    <Sheet title="What, and by when" open onClose={onClose}>
      <MomentField label="Ready by" value={readyBy} onChange={setReadyBy} />
      {drinks.length === 0 ? <Text className="text-mute">There are no drinks yet: write one on Drinks.</Text> : null}
      <View role="list" aria-label="Drinks to plan">
        {drinks.map(({ id, document }) => (
          <View
            key={id}
            role="listitem"
            className="flex-row items-center justify-between gap-2 border-b border-line py-1"
          >
            <Text className="shrink">{document.name || 'Unnamed drink'}</Text>
            <Button label="Plan" hint={`Plan ${document.name}`} kind="quiet" onPress={() => add(id)} />
          </View>
        ))}
      </View>
    </Sheet>
  );
}
