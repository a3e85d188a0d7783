import type { FindingRule } from './finding';

const MAY_STAY = new Set(['infused-water', 'dry-mix', 'gel']);

/** Plants that are still in a finished drink. */
export const notStrained: FindingRule = ({ drink, trace }) => {
  if (MAY_STAY.has(drink.kind) || trace.pot.dry) return [];
  const left = trace.pot.solids.find(({ mass_g }) => mass_g > 0);
  return left
    ? [
        {
          code: 'not-strained',
          step: trace.pot.entries.findLast(({ ingredient }) => ingredient === left.ingredient)?.step ?? null,
          text: `${left.ingredient.name} is still in it at the end. Strain it, or say on its step that it is eaten, too.`,
        },
      ]
    : [];
};

/** Pieces worth a word: less than this share of the drink is a garnish. */
const LEAST_PIECES_SHARE = 0.02;

/** Whether pieces are eaten is not said: they count by what they gave. */
export const piecesLeft: FindingRule = ({ drink, trace }) => {
  const { pot } = trace;
  if (!MAY_STAY.has(drink.kind) || pot.dry) return [];
  const left = pot.solids.filter(({ mass_g }) => mass_g > LEAST_PIECES_SHARE * pot.mass_g);
  const first = left[0];
  if (!first) return [];
  const names = [...new Set(left.map(({ ingredient }) => ingredient.name))].join(', ');
  return [
    {
      code: 'pieces-left',
      step: pot.entries.findLast(({ ingredient }) => ingredient === first.ingredient)?.step ?? null,
      text: `${names}: taken as left in the glass, and counted by what they gave. If they are eaten, say so on the step.`,
    },
  ];
};
