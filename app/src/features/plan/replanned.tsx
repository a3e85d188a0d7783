import { useMemo } from 'react';
import { View } from 'react-native';
import { planAgreed } from '../../domain/plans/plans';
import { useAppDispatch } from '../../domain/store';
import { noticeRaised } from '../../state/notices';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { planRows } from './plan-view';
import { replanMoves } from './replan-view';
import { usePlan } from './use-plan';

/** What planning anew would do where something was missed: what would be begun when, what would be late. */
export function Replanned({ now }: { readonly now: Date }) {
  const dispatch = useAppDispatch();
  const { plan, planned, pots, answer } = usePlan(now);
  const rows = useMemo(
    () =>
      answer ? planRows(planned, answer.problem, answer.schedule, pots, { begin: new Date(answer.begin), now }) : [],
    [answer, planned, pots, now],
  );
  const moves = replanMoves(rows, plan.requests, now);
  if (moves.length === 0) return null;
  const agree = () => {
    dispatch(planAgreed(Object.fromEntries(rows.map((row) => [row.id, row.begin.toISOString()]))));
    dispatch(noticeRaised({ text: 'Agreed on the new plan' }));
  };
  return (
    <View className="gap-2 rounded-[12px] bg-mist p-3">
      <Text variant="strong">Planned anew</Text>
      <View role="list" aria-label="Planned anew" className="gap-1">
        {moves.map(({ id, name, words, late }) => (
          <View role="listitem" key={id}>
            <Text variant={late ? 'smallStrong' : 'small'} className={late ? 'text-heat' : ''}>
              {name}: {words}
            </Text>
          </View>
        ))}
      </View>
      <Text variant="small">
        {moves.length < rows.length ? 'The rest stays as it was agreed.' : 'Nothing else moves.'}
      </Text>
      <Button label="Agree on this" kind="plain" className="self-start" onPress={agree} />
    </View>
  );
}
