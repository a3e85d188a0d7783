import { Link, router } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useGetSettingsQuery } from '../../domain/kitchen/kitchen-endpoints';
import { useAppSelector } from '../../domain/store';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { currentDocuments } from '../drinks/drinks-view';
import type { House } from '../../domain/stores/house';
import { useHouse } from '../../domain/stores/use-house';
import { useFigures } from '../drinks/use-figures';
import { useListing } from './use-listing';
import { makeViews, type MakeView } from './make-view';

/** So many are shown until all are asked for. */
const FIRST = 6;

/** Drinks by what is there of them, the ones that can be made now first. */
function useMakeViews(house: House, now: Date): readonly MakeView[] {
  const { data } = useListDrinksQuery();
  const drafts = useAppSelector((state) => state.drafts);
  const { data: stored } = useGetSettingsQuery();
  const drinks = useMemo(() => currentDocuments(data?.drinks ?? [], drafts), [data, drafts]);
  const documents = useMemo(() => drinks.map(({ document }) => document), [drinks]);
  const figuresOf = useFigures(stored?.settings ?? null, documents);
  return useMemo(() => {
    const known = drinks.flatMap(({ id, document }) => {
      const takes = figuresOf(document)?.takes;
      return takes ? [{ id, name: document.name || 'Unnamed drink', ...takes }] : [];
    });
    return makeViews(known, house, now);
  }, [drinks, figuresOf, house, now]);
}

/** What can be made of what is there, what is missing for the others, and what would do instead. */
export function CanMake({ now }: { readonly now: Date }) {
  const house = useHouse(now);
  const views = useMakeViews(house, now);
  const list = useListing(house);
  const [all, setAll] = useState(false);
  const ready = views.filter(({ missing }) => missing.length === 0).length;
  const shown = all ? views : views.slice(0, Math.max(FIRST, Math.min(ready, 2 * FIRST)));
  if (views.length === 0)
    return (
      <View className="items-start gap-3">
        <Text className="text-mute">Write a drink, and what is missing for it stands here.</Text>
        <Button label="Go to drinks" onPress={() => router.push('/drinks')} />
      </View>
    );
  return (
    <View className="gap-2">
      <Text variant="small" role="status">
        {ready === 0 ? 'Something is missing for each of them.' : `${ready} of ${views.length} can be made now.`}
      </Text>
      <View role="list" aria-label="What can be made" className="md:grid md:grid-cols-2 md:gap-x-8">
        {shown.map((view) => (
          <MakeRow key={view.id} view={view} onList={() => list([view])} />
        ))}
      </View>
      {shown.length < views.length ? (
        <Button label={`All ${views.length} drinks`} kind="quiet" className="self-start" onPress={() => setAll(true)} />
      ) : null}
    </View>
  );
}

function MakeRow({
  view: { id, name, missing, usesUp },
  onList,
}: {
  readonly view: MakeView;
  readonly onList: () => void;
}) {
  return (
    <View role="listitem" className="border-b border-line">
      <Link href={`/drinks/${id}`} asChild>
        <Pressable className="min-h-[52px] justify-center gap-[2px] py-2 active:bg-mist">
          <Text variant="strong">{name}</Text>
          {missing.length === 0 ? (
            <Text variant="small" className="text-teal">
              Everything is there{usesUp.length > 0 ? `; it uses up ${usesUp.join(', ')}` : ''}
            </Text>
          ) : (
            missing.map(({ words, instead }) => (
              <Text key={words} variant="small">
                Missing: {words}
                {instead ? `; ${instead}` : ''}
              </Text>
            ))
          )}
        </Pressable>
      </Link>
      {missing.length > 0 ? (
        <Button
          label="Put it on the list"
          hint={`Put it on the list: what is missing for ${name}`}
          kind="quiet"
          className="self-start"
          onPress={onList}
        />
      ) : null}
    </View>
  );
}
