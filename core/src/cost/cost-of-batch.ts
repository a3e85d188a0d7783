import type { Analysis } from '../analyse';
import type { KitchenSettings } from '../kitchen';
import { stoveEnergy } from './stove-energy';

/** What is paid for what. */
export interface Prices {
  /** A gram of an ingredient, by its id. */
  readonly perGram: ReadonlyMap<string, number>;
  readonly settings: Pick<KitchenSettings, 'burners' | 'usualBurner' | 'containers' | 'energyPrices'>;
}

/** One part of what a batch costs; null where its price is not known. */
export interface CostPart {
  readonly kind: 'ingredient' | 'stove' | 'bottles';
  /** Id of the ingredient, name of the burner or of the bottle. */
  readonly id: string;
  readonly name: string;
  /** g, kWh or pieces. */
  readonly amount: number;
  readonly cost: number | null;
}

export interface BatchCost {
  /** The dearest first, then what has no price. */
  readonly parts: readonly CostPart[];
  /** What is known of it, in the kitchen's money. */
  readonly known: number;
  /** Whether everything that went in has a price; stove and bottles count where they have one. */
  readonly whole: boolean;
  readonly perServing: number | null;
  readonly perLitre: number | null;
}

/** Water comes from the tap. */
const FREE = 'water';

function ingredientParts({ trace }: Analysis, { perGram }: Prices): readonly CostPart[] {
  const parts = new Map<string, CostPart>();
  for (const { ingredient, mass_g } of trace.pot.entries) {
    if (ingredient.role === FREE || !(mass_g > 0)) continue;
    const { id, name } = ingredient;
    const amount = (parts.get(id)?.amount ?? 0) + mass_g;
    const price = perGram.get(id);
    parts.set(id, { kind: 'ingredient', id, name, amount, cost: price === undefined ? null : price * amount });
  }
  return [...parts.values()];
}

function stoveParts({ drink, trace }: Analysis, { settings }: Prices): readonly CostPart[] {
  return stoveEnergy(drink, trace, settings).map(({ burner, fuel, kWh }): CostPart => {
    const price = settings.energyPrices?.[fuel];
    return { kind: 'stove', id: burner, name: burner, amount: kWh, cost: price === undefined ? null : price * kWh };
  });
}

function bottleParts({ trace }: Analysis, { settings }: Prices): readonly CostPart[] {
  return trace.entries.flatMap(({ filled }): readonly CostPart[] => {
    if (!filled) return [];
    const own = settings.containers
      .filter(({ size_mL }) => Math.abs(size_mL - filled.size_mL) < 1)
      .find(({ price }) => price !== undefined);
    const name = own?.name ?? filled.words.trim();
    const cost = own?.price === undefined ? null : own.price * filled.count;
    return [{ kind: 'bottles', id: name, name, amount: filled.count, cost }];
  });
}

/**
 * What a batch costs and which part of it what: what goes in by the prices of its lots, the stove by what it draws, the
 * bottles by what the kitchen pays for one.
 *
 * @param analysis of the drink; preparations in it count by what went into them
 */
export function costOfBatch(analysis: Analysis, prices: Prices): BatchCost {
  const all = [...ingredientParts(analysis, prices), ...stoveParts(analysis, prices), ...bottleParts(analysis, prices)];
  const parts = [...all].sort((a, b) => (b.cost ?? -1) - (a.cost ?? -1));
  const known = all.reduce((sum, { cost }) => sum + (cost ?? 0), 0);
  const whole = all.every(({ kind, cost }) => kind !== 'ingredient' || cost !== null);
  const servings = analysis.serving?.servings ?? 0;
  const volume_mL = analysis.liquid?.volume_mL ?? 0;
  return {
    parts,
    known,
    whole,
    perServing: servings > 0 ? known / servings : null,
    perLitre: volume_mL > 0 ? (1000 * known) / volume_mL : null,
  };
}
