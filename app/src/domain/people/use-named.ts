import type { Analysis } from '@wellhydra/core/analyse';
import { drinkFactsOf, namedCautions, type DrinkFacts, type NamedCaution } from '@wellhydra/core/people';
import { useMemo } from 'react';
import { useAppSelector } from '../store';

const NONE: readonly NamedCaution[] = [];

/** What a drink means for the people of this kitchen, by its facts. */
export function useNamedCautions(facts: DrinkFacts | null): readonly NamedCaution[] {
  const people = useAppSelector(({ household }) => household.mine.people);
  return useMemo(() => (facts ? namedCautions(facts, people, new Date()) : NONE), [facts, people]);
}

/** What a drink that is written or made means for them. */
export function useNamedOf(analysis: Analysis): readonly NamedCaution[] {
  const anybody = useAppSelector(({ household }) => Object.keys(household.mine.people).length > 0);
  const facts = useMemo(
    () => (anybody && analysis.trace.pot.mass_g > 0 ? drinkFactsOf(analysis) : null),
    [anybody, analysis],
  );
  return useNamedCautions(facts);
}
