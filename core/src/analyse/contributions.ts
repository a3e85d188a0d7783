import type { Ingredient } from '../catalogue';
import type { Composition } from '../liquid';
import type { Analysis } from './analyse-drink';

/** What an ingredient brings of a figure. */
export interface Contribution {
  readonly ingredient: Ingredient;
  /** In the whole batch, in the unit of the figure. */
  readonly amount: number;
  /** Share of the whole, 0 to 1. */
  readonly share: number;
  /** Steps that put it in, counted from 0. */
  readonly steps: readonly number[];
  /** Whether it follows from the row of the ingredient; else it is what the others leave, shared out among plants. */
  readonly exact: boolean;
}

const brings = ({ composition }: Ingredient, grams: number, figure: (c: Composition) => number): number =>
  composition ? grams * figure(composition) : 0;

/**
 * Where a figure that adds up comes from.
 *
 * What dissolves brings what its row says. What plants give depends on how they were treated: they share what is
 * left, in proportion to what is in them. Where heat destroyed part of it, all are lowered alike.
 *
 * @param analysis of the drink
 * @param figure a linear function of a composition, such as its sodium in mg
 * @returns contributions in the batch, largest first; they add up to the figure of the batch
 */
export function contributionsTo(analysis: Analysis, figure: (c: Composition) => number): readonly Contribution[] {
  const { pot } = analysis.trace;
  const total = figure(pot.drunk);
  if (!(Math.abs(total) > 0)) return [];
  const rows = [...pot.origins]
    .filter(([, grams]) => grams > 0)
    .map(([ingredient, grams]) => ({
      ingredient,
      exact: ingredient.state !== 'solid',
      amount: brings(ingredient, grams, figure),
    }));
  const sum = (exact: boolean) => rows.reduce((all, row) => all + (row.exact === exact ? row.amount : 0), 0);
  const [known, plants] = [sum(true), sum(false)];
  const left = plants > 0 ? Math.max(0, total - known) : 0;
  const scaleKnown = known > 0 ? (total - left) / known : 0;
  return rows
    .map(({ ingredient, exact, amount }) => {
      const brought = exact ? amount * scaleKnown : plants > 0 ? (amount / plants) * left : 0;
      const steps = pot.entries.filter((entry) => entry.ingredient === ingredient).map(({ step }) => step);
      return { ingredient, amount: brought, share: brought / total, steps: [...new Set(steps)], exact };
    })
    .filter(({ share }) => share > 1e-9)
    .sort((a, b) => b.amount - a.amount);
}
