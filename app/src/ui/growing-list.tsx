import { Fragment, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from './button';

interface GrowingListProps<Item> {
  readonly label: string;
  readonly items: readonly Item[];
  /** So many are shown at once; more on asking. */
  readonly step: number;
  readonly idOf: (item: Item) => string;
  /** A list item. */
  readonly children: (item: Item) => ReactNode;
}

/** A list of which only the first are drawn, until more is asked for. */
export function GrowingList<Item>({ label, items, step, idOf, children }: GrowingListProps<Item>) {
  const [most, setMost] = useState(step);
  return (
    <View className="gap-3">
      <View role="list" aria-label={label}>
        {items.slice(0, most).map((item) => (
          <Fragment key={idOf(item)}>{children(item)}</Fragment>
        ))}
      </View>
      {items.length > most ? (
        <Button
          label={`${items.length - most} more`}
          kind="quiet"
          className="self-start"
          onPress={() => setMost(most + step)}
        />
      ) : null}
    </View>
  );
}
