import type { LotTrace } from '@wellhydra/contract';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { reachedWords } from './stores-view';
import { usePeople } from '../../domain/people/use-people';
import { useTraceLotQuery } from '../../domain/stores/store-endpoints';
import { dayWords } from '../../domain/words/moment-words';
import { showMass, showVolume } from '../../domain/words/units';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';

/** Every batch, bottle and person that a lot has reached; what is on the page is what is printed. */
export function Reached({ id }: { readonly id: string }) {
  const { data, error } = useTraceLotQuery(id);
  if (!data && error)
    return (
      <Text variant="small" role="status">
        Where it has gone is not known now. {failureOf(error).message}
      </Text>
    );
  if (!data) return null;
  const { brews } = data;
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center justify-between gap-3">
        <Text variant="heading">Where it has gone</Text>
        {brews.length > 0 ? <Button label="Print this" kind="plain" onPress={() => window.print()} /> : null}
      </View>
      {brews.length === 0 ? (
        <Text className="text-mute">Into no drink yet.</Text>
      ) : (
        <Text role="status">{reachedWords(brews)}</Text>
      )}
      <View role="list" aria-label="Where it has gone">
        {brews.map((brew) => (
          <ReachedBrew key={brew.id} brew={brew} />
        ))}
      </View>
    </View>
  );
}

type Brew = LotTrace['brews'][number];
function ReachedBrew({ brew }: { readonly brew: Brew }) {
  const { household } = usePeople();
  return (
    <View role="listitem" className="gap-1 border-b border-line py-2">
      <Text variant="strong">
        {brew.drinkName}, {brew.batch}
      </Text>
      <Text variant="small">
        {showMass(brew.grams)} went in{brew.through ? ' with what was made before' : ''},{' '}
        {dayWords(new Date(brew.madeAt))}
      </Text>
      {brew.bottles.map(({ id, volume_mL, remaining_mL, place }) => (
        <Link key={id} href={`/bottles/${id}`} className="min-h-[44px] py-2 font-body text-16 text-teal underline">
          {remaining_mL > 0
            ? `Bottle of ${showVolume(volume_mL)}, ${showVolume(remaining_mL)} left, ${place}`
            : `Bottle of ${showVolume(volume_mL)}, empty`}
        </Link>
      ))}
      {brew.drinkers.map(({ personId, volume_mL, last }) => (
        <Text key={personId} className="text-15">
          {household.people[personId]?.name ?? 'Somebody who is no longer named'}: {showVolume(volume_mL)}, last on{' '}
          {dayWords(new Date(last))}
        </Text>
      ))}
    </View>
  );
}
