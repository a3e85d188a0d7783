import type { Analysis } from '@wellhydra/core/analyse';
import { drinkFactsOf, suits } from '@wellhydra/core/people';
import { useMemo } from 'react';
import { useMadeFor } from '../../../domain/people/use-made-for';
import { peopleOf } from '../../../domain/people/use-people';
import { madeForWords, troubleWords } from './made-for-view';

export interface MadeForWords {
  /** "Made for Juno and Wren". */
  readonly title: string;
  /** Lines that a serving crosses for them; whom it is not for is told with the cautions. */
  readonly crossed: readonly string[];
}

const capital = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;

/** Whom a drink is made for, and where it does not keep to their lines; null where it is for everybody. */
export function useMadeForWords(drinkId: string, analysis: Analysis): MadeForWords | null {
  const { chosen } = useMadeFor(drinkId);
  return useMemo(() => {
    if (chosen.length === 0 || analysis.trace.pot.mass_g <= 0) return null;
    const people = peopleOf(chosen);
    const { crossed } = suits(drinkFactsOf(analysis), people, new Date());
    return { title: madeForWords(people), crossed: troubleWords({ stops: [], crossed }).map(capital) };
  }, [chosen, analysis]);
}
