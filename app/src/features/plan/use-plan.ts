import { useEffect, useMemo } from 'react';
import { useAppSelector } from '../../domain/store';
import { useAnswers } from '../../domain/workers/use-answers';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useRunContext } from '../../domain/run/use-run-context';
import { useRuns } from '../../domain/brews/use-runs';
import { openPlanClient } from './problem/plan-client';
import { MINUTE_ms, planProblem } from './problem/plan-problem';
import { plannedDrinks, type OnShelf } from './problem/planned-drinks';

const NO_DRINKS: never[] = [];
const NO_BOTTLES: readonly OnShelf[] = [];
/** A plan begins on the grid of five minutes. */
const GRID_ms = 5 * MINUTE_ms;

/** What is wanted, and the newest plan for it; a plan begins now, so it is made anew as time goes by. */
export function usePlan(now: Date) {
  const plans = useAppSelector((state) => state.plans);
  const context = useRunContext();
  const { data } = useListDrinksQuery();
  const { data: bottled } = useListBottlesQuery();
  const brews = useRuns();
  const shelf = bottled?.bottles ?? NO_BOTTLES;
  const drinks = data?.drinks ?? NO_DRINKS;
  const { answer, failure, ask } = useAnswers(openPlanClient);
  const planned = useMemo(
    () => plannedDrinks(plans.wishes, drinks, context, shelf),
    [plans.wishes, drinks, context, shelf],
  );
  const begin_ms = Math.ceil(now.getTime() / GRID_ms) * GRID_ms;
  useEffect(() => {
    if (planned.length === 0) return;
    const begin = new Date(begin_ms);
    const problem = planProblem(planned, context, { plans, brews, shelf, begin });
    ask({ problem, begin: begin.toISOString() });
  }, [ask, planned, plans, context, brews, shelf, begin_ms]);
  return { plans, drinks, planned, pots: context.settings.pots, answer: planned.length > 0 ? answer : null, failure };
}
