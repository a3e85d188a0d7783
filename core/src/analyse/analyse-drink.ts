import { cautionsOf, type Caution } from '../caution';
import type { Drink } from '../drink/drink';
import { keepingOf, type Keeping } from '../keeping';
import { describeLiquid, type Liquid } from '../liquid/describe-liquid';
import { scaled, type Composition } from '../liquid/composition';
import type { LineOptions } from '../quantity/read-ingredient-line';
import { nutrientsOf, perLitreOf, servingSize, type Nutrients, type PerLitre, type ServingSize } from '../serving';
import { potOf, runSteps, type Pot, type Trace } from '../simulate';
import { findingsOf, type Finding } from './finding';

/** A text of the drink that was not understood; `step` is null for the serving. */
export interface AnalysisProblem {
  readonly step: number | null;
  readonly code: string;
  readonly text: string;
  readonly message: string;
  readonly suggestions: readonly string[];
}

/** Everything that is read off the trace of a drink. */
export interface Analysis {
  readonly drink: Drink;
  readonly trace: Trace;
  readonly problems: readonly AnalysisProblem[];
  readonly serving: ServingSize | null;
  readonly liquid: Liquid | null;
  readonly perServing: Nutrients;
  readonly perLitre: PerLitre | null;
  /** Contents of a whole litre, and of the whole batch. */
  readonly litre: Nutrients | null;
  readonly batch: Nutrients;
  readonly keeping: Keeping | null;
  readonly cautions: readonly Caution[];
  readonly findings: readonly Finding[];
}

const MINERALS = new Set(['salt', 'acid']);

function addedMinerals(pot: Pot): Nutrients & { potassium_mmol: number } {
  const salts = potOf(
    pot.entries.filter(({ ingredient }) => MINERALS.has(ingredient.role) && ingredient.state === 'soluble'),
  );
  return { ...nutrientsOf(salts.liquid), potassium_mmol: salts.liquid.potassium_mmol };
}

/** Totals of one serving of the pot. */
export function servingComposition(pot: Pot, serving: ServingSize | null): Composition {
  return scaled(pot.liquid, serving && serving.servings > 0 ? 1 / serving.servings : 0);
}

/**
 * Runs a drink and reads everything off the trace: contents, liquid, keeping, cautions.
 *
 * @param drink as written
 * @param options what spoons are meant where a line does not say
 * @returns figures of what could be understood, with everything that could not in `problems`
 */
export function analyseDrink(drink: Drink, options: LineOptions = {}): Analysis {
  const trace = runSteps(drink.steps, options);
  const { pot } = trace;
  const liquid = pot.dry ? null : describeLiquid(pot.liquid);
  const size = servingSize(drink, pot);
  const serving = size.kind === 'serving' ? size : null;
  const perServing = nutrientsOf(servingComposition(pot, serving));
  const perLitre = liquid ? perLitreOf(pot.liquid, liquid.volume_mL) : null;
  const added = addedMinerals(pot);
  const share = serving && serving.servings > 0 ? 1 / serving.servings : 0;
  const problems: AnalysisProblem[] = [...trace.problems];
  if (size.kind === 'unreadable') problems.push({ ...size, step: null });
  return {
    drink,
    trace,
    problems,
    serving,
    liquid,
    perServing,
    perLitre,
    litre: liquid ? nutrientsOf(scaled(pot.liquid, 1000 / liquid.volume_mL)) : null,
    batch: nutrientsOf(pot.liquid),
    keeping: pot.mass_g > 0 ? keepingOf(drink.kind, pot.liquid, liquid) : null,
    cautions: cautionsOf({
      kind: drink.kind,
      trace,
      liquid,
      perLitre,
      perServing,
      addedPerServing: {
        potassium_mmol: added.potassium_mmol * share,
        magnesium_mg: added.magnesium_mg * share,
        sodium_mg: added.sodium_mg * share,
      },
    }),
    findings: findingsOf(trace),
  };
}
