import { View } from 'react-native';
import type { Spoons } from '../../domain/people/use-spoons';
import { Text } from '../../ui/text';
import { usePour } from '../bottles/pour/use-pour';
import { LastsPart } from '../people/spoons/lasts-part';
import { SpoonPart } from '../people/spoons/spoon-part';

/** What is taken by the spoon today, by whom, and what of it is due. */
export function SpoonsToday({ spoons, lasts }: Pick<Spoons, 'spoons' | 'lasts'>) {
  const { pour, question } = usePour();
  const today = spoons.filter(({ doses }) => doses.length > 0);
  const short = lasts.filter(({ readyBy }) => readyBy !== null);
  if (today.length === 0 && short.length === 0) return null;
  return (
    <>
      {question}
      <Text variant="heading">By the spoon</Text>
      <View role="list" aria-label="By the spoon" className="gap-3">
        {today.map((spoon) => (
          <View key={`${spoon.planId} ${spoon.personId}`} role="listitem" className="border-b border-line pb-3">
            <SpoonPart
              named
              spoon={spoon}
              onPour={({ bottle, personId, amount_mL }) =>
                bottle && pour(bottle, { personId, amount: `${amount_mL} mL` })
              }
            />
          </View>
        ))}
      </View>
      {short.map((each) => (
        <LastsPart key={each.drinkId} lasts={each} />
      ))}
    </>
  );
}
