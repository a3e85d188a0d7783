import { useEffect, useMemo, useRef, useState } from 'react';
import { useAppSelector } from '../../state/store';
import type { AnswerClient } from '../drink/newest-answer';
import { useListBottlesQuery } from '../bottles/bottle-endpoints';
import { useListDrinksQuery } from '../drinks/drink-endpoints';
import { useRunContext } from '../kitchen/use-run-context';
import { useRuns } from '../make/use-runs';
import type { PlanAnswer, PlanQuestion } from './answer-plan';
import { openPlanClient } from './plan-client';
import { MINUTE_ms, planProblem } from './plan-problem';
import { plannedDrinks, type OnShelf } from './planned-drinks';

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
  const [answer, setAnswer] = useState<PlanAnswer | null>(null);
  const client = useRef<AnswerClient<PlanQuestion> | null>(null);
  const asked = useRef(0);
  const planned = useMemo(
    () => plannedDrinks(plans.wishes, drinks, context, shelf),
    [plans.wishes, drinks, context, shelf],
  );
  const begin_ms = Math.ceil(now.getTime() / GRID_ms) * GRID_ms;
  useEffect(() => {
    const opened = openPlanClient(setAnswer);
    client.current = opened;
    return () => opened.close();
  }, []);
  useEffect(() => {
    if (planned.length === 0) return;
    asked.current += 1;
    const begin = new Date(begin_ms);
    const problem = planProblem(planned, context, { plans, brews, shelf, begin });
    client.current?.ask({ number: asked.current, problem, begin: begin.toISOString() });
  }, [planned, plans, context, brews, shelf, begin_ms]);
  return { plans, drinks, planned, pots: context.settings.pots, answer: planned.length > 0 ? answer : null };
}
