import type { BottleRecord } from '@wellhydra/contract';
import Plus from 'lucide-react-native/icons/plus';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { usePeople, useWeekHad } from '../../domain/people/use-people';
import { useSpoons } from '../../domain/people/use-spoons';
import { Button } from '../../ui/button';
import { StatusLines } from '../../ui/status-lines';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { usePour } from '../bottles/pour/use-pour';
import { cardViews } from './cards/card-view';
import { PersonCard } from './cards/person-card';
import { LockPart } from './lock/lock-part';
import { OpenPeople } from './lock/open-people';
import { PickBottle } from './pick-bottle';
import { LastsPart } from './spoons/lasts-part';
import { SpoonPart } from './spoons/spoon-part';

const NO_BOTTLES: readonly BottleRecord[] = [];
const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** Who drinks what is made here, and how their day stands. */
export function PeopleScreen() {
  const now = useNow();
  const { rows, known, kept } = usePeople();
  const locked = known === 'locked';
  const { had, failure } = useWeekHad(now);
  const { data } = useListBottlesQuery(undefined, { refetchOnMountOrArgChange: true });
  const { pour, question } = usePour();
  const [picking, setPicking] = useState(false);
  const { spoons, lasts } = useSpoons(now);
  const bottles = data?.bottles ?? NO_BOTTLES;
  // Every bottle is held against every person: not at each touch.
  const minute = Math.floor(now.getTime() / 60_000);
  const cards = useMemo(
    () => cardViews(rows, { had: had ?? [], bottles, now: new Date(minute * 60_000) }),
    [rows, had, bottles, minute],
  );
  return (
    <ScrollView className="flex-1 bg-mist" contentContainerClassName="pb-16" role="main">
      {question}
      <View className="w-full max-w-[1040px] self-center gap-4 pt-5">
        <View className="flex-row flex-wrap items-center justify-between gap-3 px-4 md:px-8">
          <View className="gap-1">
            <Text variant="title">People</Text>
            {rows.length > 0 ? (
              <Text variant="small">{`Today, ${weekday.format(now)}, until ${clock.format(now)}`}</Text>
            ) : null}
          </View>
          {rows.length > 0 && bottles.length > 0 ? (
            <Button label="Give someone a glass" kind="plain" size="large" onPress={() => setPicking(true)} />
          ) : null}
        </View>
        <StatusLines
          className="px-4 md:px-8"
          lines={[kept, failure && `What was drunk today is not known now. ${failure}`]}
        />
        {locked ? (
          <View className="px-4 md:px-8">
            <OpenPeople />
          </View>
        ) : rows.length === 0 ? (
          <View className="items-start gap-3 px-4 md:px-8">
            <Text className="text-mute">
              Name who drinks what you make. Their glasses are counted then, their lines watched, and whatever is not
              for them is said wherever you meet it. What you say of them stays in this kitchen.
            </Text>
          </View>
        ) : (
          <View role="list" aria-label="People" className="gap-2 md:grid md:grid-cols-2 md:gap-4 md:px-8">
            {cards.map((card, index) => (
              <PersonCard key={card.id} card={card} index={index}>
                {spoons
                  .filter(({ personId, over }) => personId === card.id && !over)
                  .map((spoon) => (
                    <View key={spoon.planId} className="gap-2">
                      <SpoonPart
                        spoon={spoon}
                        onPour={({ bottle, personId, amount_mL }) =>
                          bottle && pour(bottle, { personId, amount: `${amount_mL} mL` })
                        }
                      />
                      {lasts
                        .filter(({ drinkId }) => drinkId === spoon.drinkId)
                        .map((each) => (
                          <LastsPart key={each.drinkId} lasts={each} />
                        ))}
                    </View>
                  ))}
              </PersonCard>
            ))}
          </View>
        )}
        <View className="gap-8 px-4 md:px-8">
          {locked ? null : (
            <Button
              label="Add someone"
              icon={Plus}
              kind={rows.length === 0 ? 'primary' : 'plain'}
              className="self-start"
              onPress={() => router.push('/people/new')}
            />
          )}
          {known === 'known' ? <LockPart /> : null}
        </View>
      </View>
      {picking ? (
        <PickBottle
          bottles={bottles}
          now={now}
          onClose={() => setPicking(false)}
          onPick={(bottle) => {
            setPicking(false);
            pour(bottle);
          }}
        />
      ) : null}
    </ScrollView>
  );
}
