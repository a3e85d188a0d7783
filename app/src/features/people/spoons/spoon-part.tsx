import { withSkipped, type SpoonPlan } from '@wellhydra/core/household';
import { View } from 'react-native';
import { householdRowSaved } from '../../../domain/people/household';
import type { SpoonView } from '../../../domain/people/spoons';
import { usePeople } from '../../../domain/people/use-people';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';

const DOTS = {
  done: { box: 'border-[#7D2E56] bg-[#7D2E56]', words: 'text-mute', says: 'taken' },
  skipped: { box: 'border-line bg-line', words: 'text-mute line-through', says: 'left out' },
  missed: { box: 'border-heat bg-transparent', words: 'text-heat', says: 'missed' },
  due: { box: 'border-[3px] border-teal bg-transparent', words: 'font-bold text-ink', says: 'now' },
  ahead: { box: 'border-line bg-transparent', words: 'text-mute', says: 'to come' },
} as const;

/** Today's doses as dots with their times; what each is, is told in words as well. */
export function SpoonDots({ doses }: Pick<SpoonView, 'doses'>) {
  return (
    <View role="list" aria-label="Doses today" className="flex-row flex-wrap gap-x-4 gap-y-2">
      {doses.map(({ at, is, clock }) => (
        <View
          key={at.getTime()}
          role="listitem"
          aria-label={`${clock}, ${DOTS[is].says}`}
          className="min-w-[44px] items-center gap-[2px]"
        >
          <View className={`h-[18px] w-[18px] rounded-full border-2 ${DOTS[is].box}`} />
          <Text variant="small" className={DOTS[is].words}>
            {clock}
          </Text>
        </View>
      ))}
    </View>
  );
}

interface SpoonPartProps {
  readonly spoon: SpoonView;
  readonly onPour: (spoon: SpoonView) => void;
  /** Named where it does not stand on the person's own card. */
  readonly named?: boolean;
}

/** What somebody takes for days: how today stands, and the one to take now. */
export function SpoonPart({ spoon, onPour, named = false }: SpoonPartProps) {
  const dispatch = useAppDispatch();
  const { household } = usePeople();
  const { planId, personId, name, drinkName, amount, doses, due, words, bottle, crosses } = spoon;
  const skip = (at: Date) => {
    const plan = household.spoonPlans[planId]!;
    const save = (row: SpoonPlan) => dispatch(householdRowSaved({ part: 'spoonPlans', id: planId, row }));
    save(withSkipped(plan, personId, at));
    dispatch(
      noticeRaised({
        text: `Left out for ${name}`,
        action: { label: 'Undo', run: keepAction(() => void save(plan)) },
      }),
    );
  };
  const at = due ? doses.find((dose) => dose.at.getTime() === due.at.getTime())!.clock : '';
  return (
    <View className="gap-2">
      <Text className="text-15">
        {named ? `${name}: ` : ''}
        {`${drinkName}, ${amount}`}
      </Text>
      {doses.length > 0 ? <SpoonDots doses={doses} /> : null}
      {words ? <Text className="text-15">{words}</Text> : null}
      {crosses ? <Text className="text-15 font-bold text-heat">{crosses}</Text> : null}
      {due ? (
        <View className="flex-row flex-wrap gap-2">
          {bottle ? (
            <Button
              label={`Pour the ${at} spoon`}
              hint={`Pour the ${at} spoon for ${name}`}
              onPress={() => onPour(spoon)}
            />
          ) : (
            <Text variant="small" className="self-center text-heat">
              There is no bottle of it on the shelf.
            </Text>
          )}
          <Button label="Skip" hint={`Skip the ${at} spoon for ${name}`} kind="plain" onPress={() => skip(due.at)} />
        </View>
      ) : null}
    </View>
  );
}
