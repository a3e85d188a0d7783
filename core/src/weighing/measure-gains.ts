import { analyseDrink, type AnalyseOptions, type Analysis, type SpreadFigure } from '../analyse';
import type { Ingredient } from '../catalogue';
import type { Drink } from '../drink';
import { ENOUGH_WEIGHINGS, measureNameTrouble, usualMeasure, type OwnMeasure } from '../quantity';
import { DAILY_VALUES } from '../serving';
import { measureSpread, type Range, type Spread } from '../spread';

/**
 * How much of a figure counts as a whole: a daily value, so that a spread of what is hardly there weighs little; or as
 * much as there is, and no less than this, where what matters is its share. Chloride comes with what it is the salt of,
 * and would count that twice.
 */
const WHOLE: Readonly<Partial<Record<SpreadFigure, number | { readonly itselfFrom: number }>>> = {
  'perServing.sodium_mg': DAILY_VALUES.sodium_mg,
  'perServing.potassium_mg': DAILY_VALUES.potassium_mg,
  'perServing.magnesium_mg': DAILY_VALUES.magnesium_mg,
  'perServing.calcium_mg': DAILY_VALUES.calcium_mg,
  'perServing.vitaminC_mg': DAILY_VALUES.vitaminC_mg,
  'perServing.sugars_g': DAILY_VALUES.addedSugars_g,
  // Thinner than juice nobody tastes the difference, and salt counts in it, too.
  'liquid.brix': { itselfFrom: 10 },
  'yield.volume_mL': { itselfFrom: 1 },
};
const FIGURES = Object.keys(WHOLE) as readonly SpreadFigure[];
const DRAWS = 400;

/** A measure in a drink that differs from hand to hand. */
export interface VagueMeasure {
  readonly name: string;
  readonly ingredient: Ingredient;
  /** One of it by the tables, g, and its relative spread. */
  readonly usual_g: number;
  readonly cv: number;
}

/** How far a figure of a drink may be off, before and after: half of where 90 % lie, as a share of its middle. */
export interface Surer {
  readonly figure: SpreadFigure;
  readonly before: number;
  readonly after: number;
}

/** What weighing a measure a few times would do to a drink. */
export interface MeasureGain extends VagueMeasure {
  /** The figure that gains most; null where none of those that count does. */
  readonly surer: Surer | null;
  /** By how much all figures that count are nearer, in daily values and shares. */
  readonly gain: number;
}

const halfWidth = ({ p5, p95 }: Range): number => (p95 - p5) / 2;

function shareOff(range: Range | undefined): number {
  return range && range.p50 > 0 ? halfWidth(range) / range.p50 : 0;
}

/** How much narrower a figure is, measured by what counts as a whole of it. */
function narrowing(figure: SpreadFigure, before: Spread, after: Spread): number {
  const [was, is] = [before.ranges[figure], after.ranges[figure]];
  if (!was || !is) return 0;
  const whole = WHOLE[figure]!;
  return (halfWidth(was) - halfWidth(is)) / (typeof whole === 'number' ? whole : Math.max(was.p50, whole.itselfFrom));
}

function mostSurer(before: Spread, after: Spread): Surer | null {
  const [figure] = [...FIGURES].sort((a, b) => narrowing(b, before, after) - narrowing(a, before, after));
  if (!figure || !(narrowing(figure, before, after) > 0)) return null;
  return { figure, before: shareOff(before.ranges[figure]), after: shareOff(after.ranges[figure]) };
}

/** What of a drink is measured by hand, spoon or vessel and was not weighed yet; each once. */
export function vagueMeasures({ trace }: Analysis): readonly VagueMeasure[] {
  const found = new Map<string, VagueMeasure>();
  for (const { verb, line } of trace.entries) {
    if (verb !== 'add' || !line || line.dose.kind !== 'mass' || line.byOwn) continue;
    const { unit } = line.amount;
    if (unit.id === 'whole' || measureNameTrouble(unit.name) !== undefined) continue;
    const one = usualMeasure(unit.name, line.ingredient);
    const key = `${unit.id}|${line.ingredient.id}`;
    if (one && one.cv > 0)
      found.set(key, { name: unit.aliases[0]!, ingredient: line.ingredient, usual_g: one.mass_g, cv: one.cv });
  }
  return [...found.values()];
}

/**
 * What weighing each vague measure of a drink would be worth, the most first: the drink is drawn again as if it had been
 * weighed as often as it takes, and had come out as usual.
 *
 * @param analysis of the drink as this kitchen makes it
 */
export function measureGains(analysis: Analysis): readonly MeasureGain[] {
  const vague = vagueMeasures(analysis);
  if (vague.length === 0) return [];
  const before = measureSpread(analysis, { draws: DRAWS });
  return vague
    .map((measure): MeasureGain => {
      const weighed: OwnMeasure = {
        id: 'as-if',
        name: measure.name,
        of: measure.ingredient.id,
        weighed_g: Array.from({ length: ENOUGH_WEIGHINGS }, () => measure.usual_g),
      };
      const options: AnalyseOptions = {
        ...analysis.options,
        measures: [weighed, ...(analysis.options.measures ?? [])],
      };
      const after = measureSpread({ ...analysis, options }, { draws: DRAWS });
      const gain = FIGURES.reduce((sum, figure) => sum + Math.max(0, narrowing(figure, before, after)), 0);
      return { ...measure, surer: mostSurer(before, after), gain };
    })
    .sort((a, b) => b.gain - a.gain || b.cv - a.cv);
}

/**
 * How much surer a drink is by some measures of the kitchen's own.
 *
 * @param options of the kitchen, with its measures
 * @param ids of the measures that are looked at
 * @returns the figure that gains most; null where the drink has nothing of them, or none is surer
 */
export function surerBy(drink: Drink, options: AnalyseOptions, ids: ReadonlySet<string>): Surer | null {
  const measures = options.measures ?? [];
  const after = analyseDrink(drink, options);
  const uses = after.trace.entries.some(({ line }) => line?.byOwn && ids.has(line.byOwn.id));
  if (!uses) return null;
  const before = analyseDrink(drink, { ...options, measures: measures.filter(({ id }) => !ids.has(id)) });
  return mostSurer(measureSpread(before, { draws: DRAWS }), measureSpread(after, { draws: DRAWS }));
}
