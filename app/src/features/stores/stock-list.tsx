import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import type { LotView, StockView } from './stores-view';

const DUE_LOOKS = {
  past: 'bg-heat text-onheat',
  soon: 'bg-amber text-onamber',
  later: 'bg-mist text-mute',
} as const;

/** Ingredients with their lots: how much is left of each as a bar, the one to be used first on top. */
export function StockList({
  stock,
  onList,
}: {
  readonly stock: readonly StockView[];
  /** Puts more of an ingredient on the list of what is to be bought. */
  readonly onList: (ingredient: string) => void;
}) {
  return (
    <View role="list" aria-label="In the house" className="gap-4 md:grid md:grid-cols-2 md:gap-x-8">
      {stock.map(({ ingredient, name, left, low, lots }) => (
        <View key={ingredient} role="listitem" className="gap-1 border-t-2 border-ink pt-2">
          <View className="flex-row items-baseline justify-between gap-3">
            <Text variant="heading" className="shrink text-18 leading-23">
              {name}
            </Text>
            <Text variant="strong">
              {left}
              {low ? <Text className="text-heat"> · low</Text> : null}
            </Text>
          </View>
          {lots.map((lot) => (
            <LotRow key={lot.id} lot={lot} />
          ))}
          {low ? (
            <Button
              label="Put it on the list"
              hint={`Put it on the list: ${name}`}
              kind="quiet"
              className="self-start"
              onPress={() => onList(ingredient)}
            />
          ) : null}
        </View>
      ))}
    </View>
  );
}

function LotRow({ lot }: { readonly lot: LotView }) {
  const { id, name, left, share, due, about } = lot;
  return (
    <Link href={`/stores/${id}`} asChild>
      <Pressable className="min-h-[52px] justify-center gap-1 py-1 active:bg-mist">
        <View className="flex-row items-center justify-between gap-3">
          <Text className="shrink text-15">{name}</Text>
          <Text variant="small">{left}</Text>
        </View>
        <View className="h-[6px] overflow-hidden rounded-[3px] bg-line">
          <View className="h-full bg-teal" style={{ width: `${Math.round(100 * share)}%` }} />
        </View>
        {due || about ? (
          <View className="flex-row flex-wrap items-center gap-2">
            {due ? (
              <Text variant="small" className={`overflow-hidden rounded-[6px] px-2 ${DUE_LOOKS[due.urgency]}`}>
                {due.words}
              </Text>
            ) : null}
            {about ? <Text variant="small">{about}</Text> : null}
          </View>
        ) : null}
      </Pressable>
    </Link>
  );
}
