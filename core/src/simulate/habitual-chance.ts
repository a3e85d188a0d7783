import type { Habits } from '../equipment';
import type { Chance, Column } from './chance';

/**
 * Chance in a kitchen that knows itself: causes it has learned about draw around its own factor, with what is left
 * of the spread. In a single sample that is the drink as this kitchen makes it.
 */
export function habitualChance(chance: Chance, habits: Habits | undefined): Chance {
  if (!habits || Object.keys(habits).length === 0) return chance;
  const known = new Map<string, Column>();
  return {
    samples: chance.samples,
    shared: (key, cv) => {
      const habit = habits[key];
      if (!habit) return chance.shared(key, cv);
      let column = known.get(key);
      if (!column) known.set(key, (column = chance.shared(key, habit.cv).map((each) => each * habit.factor)));
      return column;
    },
    product: (errors) => {
      const factor = errors.reduce((all, { key }) => all * (habits[key]?.factor ?? 1), 1);
      const drawn = chance.product(errors.map((error) => ({ ...error, cv: habits[error.key]?.cv ?? error.cv })));
      return factor === 1 ? drawn : drawn.map((each) => each * factor);
    },
  };
}
