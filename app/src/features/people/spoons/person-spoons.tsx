import { useState } from 'react';
import { View } from 'react-native';
import { householdRowSaved } from '../../../domain/people/household';
import { phaseWords, type SpoonView } from '../../../domain/people/spoons';
import { usePeople } from '../../../domain/people/use-people';
import { useSpoons } from '../../../domain/people/use-spoons';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { LastsPart } from './lasts-part';
import { PlanSheet } from './plan-sheet';
import { SpoonPart } from './spoon-part';

interface PersonSpoonsProps {
  readonly personId: string;
  readonly now: Date;
  readonly onPour: (spoon: SpoonView) => void;
}

/** Everything somebody takes for days. */
export function PersonSpoons({ personId, now, onPour }: PersonSpoonsProps) {
  const dispatch = useAppDispatch();
  const { household } = usePeople();
  const { spoons, lasts } = useSpoons(now);
  const [adding, setAdding] = useState(false);
  const own = spoons.filter((spoon) => spoon.personId === personId && !spoon.over);
  const end = ({ planId, name, drinkName }: SpoonView) => {
    const plan = household.spoonPlans[planId]!;
    const save = (ended: string | null) =>
      dispatch(householdRowSaved({ part: 'spoonPlans', id: planId, row: { ...plan, ended } }));
    save(new Date().toISOString());
    dispatch(
      noticeRaised({
        text: `${name} takes no more ${drinkName}`,
        action: { label: 'Undo', run: keepAction(() => void save(plan.ended)) },
      }),
    );
  };
  return (
    <View className="gap-4">
      {own.length === 0 ? <Text className="text-mute">Nothing is taken by the spoon.</Text> : null}
      {own.map((spoon) => {
        const plan = household.spoonPlans[spoon.planId];
        const last = lasts.find(({ drinkId }) => drinkId === spoon.drinkId);
        return (
          <View key={spoon.planId} className="gap-2 rounded-[12px] border border-line bg-sheet p-3">
            <SpoonPart spoon={spoon} onPour={onPour} />
            {plan ? (
              <Text variant="small">
                {plan.phases
                  .map((phase) => `${phaseWords(phase)} for ${phase.days} ${phase.days === 1 ? 'day' : 'days'}`)
                  .join(', then ')}
              </Text>
            ) : null}
            {last ? <LastsPart lasts={last} /> : null}
            <Button
              label={Object.keys(plan?.people ?? {}).length > 1 ? 'End it for all' : 'End it'}
              hint={`End the plan for ${spoon.drinkName}`}
              kind="quiet"
              className="self-start"
              onPress={() => end(spoon)}
            />
          </View>
        );
      })}
      <Button label="Begin a spoon plan" kind="plain" className="self-start" onPress={() => setAdding(true)} />
      {adding ? <PlanSheet personId={personId} onClose={() => setAdding(false)} /> : null}
    </View>
  );
}
