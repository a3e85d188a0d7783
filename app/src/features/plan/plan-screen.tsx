import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Text } from '../../ui/text';
import { useHasRoomBeside, useIsWide } from '../../ui/use-layout';
import { useNow } from '../../ui/use-now';
import { durationWords } from '@wellhydra/core/quantity';
import { AddRequest } from './add-request';
import { HandsList } from './hands-list';
import { lanesView, nightsOf } from './chart/lanes-view';
import { PlanChart } from './chart/plan-chart';
import { PlanHours } from './plan-hours';
import { handsOnOf, planRows } from './plan-view';
import { PlannedRow } from './planned-row';
import { planAgreed } from '../../domain/plans/plans';
import { saveCalendar } from './save-calendar';
import { ShoppingList } from './shopping-list';
import { usePinning } from './use-pinning';
import type { PlanAnswer } from './problem/answer-plan';
import { FAILURE_WORDS } from '../../domain/workers/worker-client';
import { usePlan } from './use-plan';

/** Several drinks to be ready by given times, in this kitchen. */
export function PlanScreen() {
  const now = useNow();
  const dispatch = useAppDispatch();
  const { plan, kept, drinks, planned, pots, answer, failure } = usePlan(now);
  const [adding, setAdding] = useState(false);
  const begin = answer ? new Date(answer.begin) : now;
  const rows = answer ? planRows(planned, answer.problem, answer.schedule, pots, { begin, now }) : [];
  const hands = handsOnOf(rows);
  const pin = usePinning();
  const move = (id: string, to: Date) => {
    const row = rows.find((each) => each.id === id);
    if (row) pin(row, new Date(Math.max(to.getTime(), begin.getTime())));
  };
  const agree = () => {
    dispatch(planAgreed(Object.fromEntries(rows.map((row) => [row.id, row.begin.toISOString()]))));
    dispatch(noticeRaised({ text: 'Agreed: what is missed is said here, and the rest is planned anew' }));
  };
  const wide = useIsWide();
  const columns = useHasRoomBeside();
  const drawn = useMemo(() => (wide && answer ? lanesOf(answer, pots) : NOTHING_DRAWN), [wide, answer, pots]);
  return (
    <Page
      title="Plan"
      columns={columns}
      aside={answer ? boundWords(answer.schedule) : ''}
      actions={<Button label="Add a drink" className="self-start" onPress={() => setAdding(true)} />}
    >
      <View className={columns ? 'flex-row items-start gap-8' : 'gap-4'}>
        <View className={columns ? 'min-w-0 flex-1 gap-4' : 'gap-4'}>
          {kept ? <Text role="status">{kept}</Text> : null}
          {failure ? (
            <Text role="status" className="text-heat">
              {FAILURE_WORDS[failure]}
            </Text>
          ) : null}
          {rows.length === 0 ? (
            <Text className="text-mute">
              Say which drinks are wanted, and by when. They are fitted to cooks, burners, pots, the fridge and the
              night, preparations first, and none is made so early that it is past its best.
            </Text>
          ) : (
            <>
              <PlanChart rows={rows} begin={begin} onMove={move} {...drawn} />
              <Text variant="small">
                Solid: hands needed. Thin: it waits. The red line is when it is wanted. Drag a drink, or move it with
                the arrow keys, and it stays where you put it.
              </Text>
              <View role="list" aria-label="Planned drinks">
                {rows.map((row) => (
                  <PlannedRow key={row.id} row={row} now={now} />
                ))}
              </View>
              <View className="flex-row flex-wrap gap-2">
                <Button label="Agree on this plan" onPress={agree} />
                <Button label="Calendar file" kind="plain" onPress={() => void saveCalendar(hands, dispatch)} />
              </View>
            </>
          )}
        </View>
        <View className={columns ? 'w-[300px] gap-4' : 'gap-4'}>
          <PlanHours plan={plan} />
          {hands.length > 0 ? <HandsList hands={hands} now={now} /> : null}
          {planned.length > 0 ? <ShoppingList planned={planned} /> : null}
        </View>
      </View>
      {adding ? <AddRequest drinks={drinks} now={now} onClose={() => setAdding(false)} /> : null}
    </Page>
  );
}

const NOTHING_DRAWN = { lanes: [], nights: [] } as const;

/** Who and what is at which drink, and when nobody is up. */
function lanesOf({ problem, schedule, begin }: PlanAnswer, pots: readonly { readonly name: string }[]) {
  const plan = { problem, schedule, begin: new Date(begin) };
  return { lanes: lanesView(plan, pots), nights: nightsOf(plan) };
}

/** How good the plan is: proven, or at most so much better. */
function boundWords({ cost, lowerBound, proven }: { cost: number; lowerBound: number; proven: boolean }): string {
  if (proven) return cost < 1 ? 'everything just in time' : 'no better plan there is';
  return `at most ${durationWords(Math.max(0, cost - lowerBound))} of waiting could be saved`;
}
