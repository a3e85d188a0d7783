import { CATALOGUE, searchIngredients, type Ingredient } from '@wellhydra/core/catalogue';
import { parseOptions } from '../options';
import type { CommandVerb } from '../command';

function describe({
  id,
  name,
  aliases,
  role,
  state,
  formula,
  bulkDensities,
  pieces,
  source,
  confidence,
  composition,
}: Ingredient) {
  return {
    id,
    name,
    aliases,
    role,
    state,
    formula: formula ?? null,
    densities: bulkDensities.map(({ form, density_g_mL, cv }) => ({ form: form ?? null, density_g_mL, cv })),
    pieces: pieces.map(({ piece, mass_g, cv }) => ({ piece, mass_g, cv })),
    perGram: composition ?? null,
    source,
    confidence,
  };
}

/** `ingredients [WORD]` */
export const listIngredients: CommandVerb = (args) => {
  const { positionals } = parseOptions(args, []);
  const words = positionals.join(' ');
  return (words === '' ? CATALOGUE : searchIngredients(words)).map(describe);
};
