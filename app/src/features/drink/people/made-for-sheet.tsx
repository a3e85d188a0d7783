import type { Analysis } from '@wellhydra/core/analyse';
import { drinkFactsOf, suits } from '@wellhydra/core/people';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useMadeFor } from '../../../domain/people/use-made-for';
import { peopleOf } from '../../../domain/people/use-people';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { troubleWords } from './made-for-view';
import { PeopleToggles } from './people-toggles';

interface MadeForSheetProps {
  readonly drinkId: string;
  readonly analysis: Analysis;
  readonly onClose: () => void;
}

/** Whom a drink is made for, and whether it suits them as it is. */
export function MadeForSheet({ drinkId, analysis, onClose }: MadeForSheetProps) {
  const handle = useMadeFor(drinkId);
  const { rows, chosen } = handle;
  const trouble = useMemo(
    () =>
      analysis.trace.pot.mass_g > 0 ? troubleWords(suits(drinkFactsOf(analysis), peopleOf(chosen), new Date())) : [],
    [analysis, chosen],
  );
  return (
    <Sheet title="Made for" open onClose={onClose}>
      {rows.length === 0 ? (
        <View className="items-start gap-3">
          <Text className="text-mute">
            Name the people who drink here, and what must not go into a drink for them is told as you write it.
          </Text>
          <Button label="Name somebody" onPress={() => router.push('/people/new')} />
        </View>
      ) : (
        <Text className="text-mute">
          Amounts, substitutes and aimed doses keep a serving within their lines of a day. It is kept with your people
          and not in the drink file.
        </Text>
      )}
      <PeopleToggles {...handle} />
      <View role="status" className="gap-1">
        {trouble.map((words) => (
          <Text key={words} className="text-heat">
            {words.charAt(0).toUpperCase()}
            {words.slice(1)}.
          </Text>
        ))}
        {chosen.length > 0 && trouble.length === 0 ? (
          <Text>A serving suits {chosen.length === 1 ? 'them' : 'all of them'}, as far as this page can tell.</Text>
        ) : null}
      </View>
    </Sheet>
  );
}
