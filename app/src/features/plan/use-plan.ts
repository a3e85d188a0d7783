import { useEffect, useMemo } from 'react';
import { useAppSelector } from '../../domain/store';
import { useAnswers } from '../../domain/workers/use-answers';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useRunContext } from '../../domain/run/use-run-context';
import { useGetPlanQuery } from '../../domain/plans/plan-endpoints';
import { planState } from '../../domain/plans/plans';
import { useRuns } from '../../domain/brews/use-runs';
import { openPlanClient } from './problem/plan-client';
import { MINUTE_ms, planProblem } from './problem/plan-problem';
import { plannedDrinks, type OnShelf } from './problem/planned-drinks';

/** How often the plan is asked for, so that what others want arrives, ms. */
const POLL_ms = 10_000;
// The answers go to the plan of this device; nothing is drawn anew for them here.
const nothing = () => ({});
const NO_DRINKS: never[] = [];
const NO_BOTTLES: readonly OnShelf[] = [];
/** A plan begins on the grid of five minutes. */
const GRID_ms = 5 * MINUTE_ms;

/** What is wanted, and the newest plan for it; a plan begins now, so it is made anew as time goes by. */
export function usePlan(now: Date) {
  useGetPlanQuery(undefined, { pollingInterval: POLL_ms, refetchOnMountOrArgChange: true, selectFromResult: nothing });
  const draft = useAppSelector((state) => state.plans);
  const plan = draft.mine;
  const context = useRunContext();
  const { data } = useListDrinksQuery();
  const { data: bottled } = useListBottlesQuery();
  const brews = useRuns();
  const shelf = bottled?.bottles ?? NO_BOTTLES;
  const drinks = data?.drinks ?? NO_DRINKS;
  const { answer, failure, ask } = useAnswers(openPlanClient);
  const planned = useMemo(
    () => plannedDrinks(plan.requests, drinks, context, shelf),
    [plan.requests, drinks, context, shelf],
  );
  const begin_ms = Math.ceil(now.getTime() / GRID_ms) * GRID_ms;
  useEffect(() => {
    if (planned.length === 0) return;
    const begin = new Date(begin_ms);
    const problem = planProblem(planned, context, { plan, brews, shelf, begin });
    ask({ problem, begin: begin.toISOString() });
  }, [ask, planned, plan, context, brews, shelf, begin_ms]);
  return {
    plan,
    kept: planState(draft),
    drinks,
    planned,
    pots: context.settings.pots,
    answer: planned.length > 0 ? answer : null,
    failure,
  };
}
