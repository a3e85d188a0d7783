import type { Ingredient } from '../../catalogue';
import { MOLAR_VOLUME_L, OPENS_AT_C, OPEN_AT_ONCE, specificHeat } from '../../process';
import {
  formatVolume,
  type IngredientLine,
  jugCv,
  type OwnMeasure,
  scaleDeviation,
  nearestNames,
  isUnreadable,
  unreadable,
  type Unreadable,
  readAmount,
  readIngredientLine,
  scanNumber,
} from '../../quantity';
import { brixOf } from '../../liquid';
import { columnOf, type Column } from '../chance';
import { PREPARATION_BUDGET } from '../preparation';
import type { WorkingPot } from '../pot';
import { contentCv } from '../ingredient-parts';
import { additionAsMeasured } from '../measured-addition';
import { gramsByPot } from './by-the-pot';
import { cuttingOf, extractionFormOf, pours, solidMass } from '../solid';
import { evenColumn, type Prepared, type StepContext, type StepDone } from '../step-run';

/** Hands-on minutes of an addition, of each piece to be cut or squeezed in it, and of a pour (estimates). */
export const ADDING_MINUTES = { add: 0.5, piece: 0.3, mostPieces: 12 } as const;

/** How warm water is by its name, °C; ice by the heat it takes to melt, as so much colder water. */
const WARMTH: readonly (readonly [RegExp, number])[] = [
  [/\b(?:boiling|just-boiled) water\b/, 98],
  [/\bhot water\b/, 65],
  [/\bwarm water\b/, 38],
  [/\b(?:ice|iced) water\b/, 2],
  [/\bice\b/, -80],
  [/\bcold water\b/, 8],
];

function warmthOf(text: string, usual_C: number): number {
  return WARMTH.find(([words]) => words.test(text))?.[1] ?? usual_C;
}

/** Heat capacity of what is in the pot, kJ/K in each sample. */
export function heatCapacity(pot: WorkingPot): Column {
  const cp = specificHeat(pot.liquid.brix(), pot.temperature_C[0]);
  const liquid = pot.liquid.masses();
  const solids = pot.solids.map(solidMass);
  return columnOf(
    pot.samples,
    (sample) => (solids.reduce((sum, each) => sum + each[sample]!, liquid[sample]!) * cp) / 1000,
  );
}

/** Mixes something of a temperature into the pot's. */
function mixTemperature(pot: WorkingPot, grams: Column, cp: number, warm_C: number): void {
  const before = heatCapacity(pot);
  for (let sample = 0; sample < pot.samples; sample += 1) {
    const more = (grams[sample]! * cp) / 1000;
    const all = before[sample]! + more;
    if (all > 0)
      pot.temperature_C[sample] = Math.max(0, (pot.temperature_C[sample]! * before[sample]! + warm_C * more) / all);
  }
}

/** Puts grams of an ingredient into the pot. */
function put(context: StepContext, line: IngredientLine, grams: Column): void {
  const { pot, index, kitchen } = context;
  const { ingredient } = line;
  const cp = ingredient.composition ? specificHeat(brixOf(ingredient.composition)) : specificHeat(0);
  mixTemperature(pot, grams, cp, warmthOf(context.step.text.toLowerCase(), kitchen.tap_C));
  pot.entries.push({ ingredient, mass_g: grams[0]!, step: index });
  pot.lastAdded = grams.slice();
  if (ingredient.state !== 'solid') return pot.addDissolving(ingredient, grams);
  const zero = evenColumn(pot, 0);
  const form = extractionFormOf(ingredient, line.form, line.amount.unit.id);
  const cutting = cuttingOf(ingredient, line.form, line.amount.unit.id);
  pot.solids.push({
    ingredient,
    step: index,
    grams,
    content: pot.chance.shared(`content:${ingredient.id}`, contentCv(ingredient)),
    form,
    mode: ingredient.dried === false ? 'raw' : 'cold_night',
    progress: zero,
    given: zero.slice(),
    dryness: zero.slice(),
    cutting,
    broken: evenColumn(pot, OPEN_AT_ONCE[cutting]),
    opened: pot.temperature_C[0]! >= OPENS_AT_C || OPEN_AT_ONCE[cutting] >= OPEN_AT_ONCE.muddled,
    suspended: context.step.eaten === true || pours(ingredient, form),
  });
  pot.liquid.credit(ingredient, grams);
}

function gramsOf(context: StepContext, line: IngredientLine): Column | Unreadable {
  const { pot } = context;
  const { dose } = line;
  const factors = pot.chance.product(dose.errors);
  if (dose.kind === 'mass') return columnOf(pot.samples, (sample) => dose.mass_g * factors[sample]!);
  if (dose.kind === 'pot') {
    const planned = gramsByPot(context, line, dose.rule);
    return 'kind' in planned ? planned : planned.map((grams, sample) => grams * factors[sample]!);
  }
  const grams = pot.gramsToFill(
    line.ingredient,
    factors.map((factor) => dose.volume_mL * factor),
  );
  if (!(grams[0]! > 0))
    return unreadable(
      'not-positive',
      context.step.text,
      `There is more than this in the pot already (${formatVolume(pot.body().volume())}). Fill to a higher mark.`,
    );
  return grams.map((each) => Math.max(0, each));
}

function handsOn(line: IngredientLine): number {
  const pieces = line.amount.unit.dimension === 'piece' ? Math.min(line.amount.value, ADDING_MINUTES.mostPieces) : 0;
  return ADDING_MINUTES.add + ADDING_MINUTES.piece * pieces;
}

type Read = IngredientLine | Unreadable;
/** Lines read before, apart for each list of own ingredients and measures: most lines of a drink are the same from run to run. */
const read = new WeakMap<readonly Ingredient[], WeakMap<readonly OwnMeasure[], Map<string, Read>>>();
const NO_OWN: readonly Ingredient[] = [];
const NO_MEASURES: readonly OwnMeasure[] = [];
const MOST_LINES = 2000;

function readLine(text: string, options: StepContext['options']): Read {
  const { own = NO_OWN, measures = NO_MEASURES } = options;
  const byMeasures = read.get(own) ?? new WeakMap<readonly OwnMeasure[], Map<string, Read>>();
  read.set(own, byMeasures);
  const lines = byMeasures.get(measures) ?? new Map<string, Read>();
  byMeasures.set(measures, lines);
  if (lines.size >= MOST_LINES) lines.clear();
  const key = `${options.spoons ?? ''}|${text}`;
  const line = lines.get(key) ?? readIngredientLine(text, options);
  lines.set(key, line);
  return line;
}

/** `add`: an amount of an ingredient into the vessel. */
export function runAdd(context: StepContext): StepDone | Unreadable {
  const line = readLine(context.step.text, context.options);
  if (line.kind === 'unreadable') return line;
  const planned = gramsOf(context, line);
  if ('kind' in planned) return planned;
  const measured = additionAsMeasured(context.pot, context.step.measured, { ingredient: line.ingredient, planned });
  const grams = measured ?? planned;
  put(context, line, grams);
  const minutes = handsOn(line);
  return { minutes, handsOn_min: minutes, line, added_g: grams[0]!, ...(measured ? { asMeasured: true } : {}) };
}

function preparedGrams(text: string, { ingredient }: Prepared, pot: WorkingPot): Column | Unreadable {
  const amount = readAmount(text);
  if (isUnreadable(amount)) return amount;
  const { dimension, size } = amount.unit;
  if (dimension !== 'mass' && dimension !== 'volume')
    return unreadable('unit-mismatch', text, 'A preparation is measured by mass or volume, such as 100 mL.');
  const density = ingredient.bulkDensities[0]?.density_g_mL ?? 1;
  const grams = amount.value * size * (dimension === 'volume' ? density : 1);
  const cv = dimension === 'volume' ? jugCv(amount.value * size) : scaleDeviation(grams, 1) / grams;
  return pot.chance.product([{ key: 'own', cv }]).map((factor) => grams * factor);
}

/** `use`: an amount of a preparation, with its own composition. */
export function runUse(context: StepContext): StepDone | Unreadable {
  const { step, pot, names, prepared: runs } = context;
  const preparationNames = runs.names(names);
  const text = step.text.trim();
  const name = preparationNames.find((each) => text.toLowerCase().endsWith(each.toLowerCase()));
  const written = name === undefined ? '' : text.slice(0, text.length - name.length).replace(/ of(?: the)? *$/i, '');
  const prepared = name === undefined ? undefined : runs.prepare(names, name);
  if (prepared === 'too-deep')
    return unreadable(
      'too-deep',
      text,
      `Preparations are used inside preparations too deep, or come to too many steps, to be worked out: ${PREPARATION_BUDGET.depth} levels and ${PREPARATION_BUDGET.steps} steps at most. Write ${name} out in this drink instead.`,
    );
  if (!prepared || name === undefined) {
    const words = text.replace(/^[\d\s./¼½¾⅓⅔-]+\S+ (?:of )?/, '');
    return unreadable(
      'unknown-ingredient',
      text,
      preparationNames.length > 0
        ? `No preparation of this drink is called that, or it uses itself. There ${preparationNames.length === 1 ? 'is' : 'are'}: ${preparationNames.join(', ')}.`
        : 'This drink has no preparations. Put the drink that is used into "preparations", by name.',
      nearestNames(words, preparationNames, 3),
    );
  }
  const planned = preparedGrams(written, prepared, pot);
  if ('kind' in planned) return planned;
  const { ingredient, origins, entries, stood, mL_per_g } = prepared;
  const measured = additionAsMeasured(pot, step.measured, { ingredient, planned });
  const grams = measured ?? planned;
  mixTemperature(pot, grams, specificHeat(brixOf(ingredient.composition!)), context.kitchen.tap_C);
  for (const entry of entries)
    pot.entries.push({
      ...entry,
      mass_g: entry.mass_g * grams[0]!,
      step: context.index,
      within: name,
    });
  pot.addPrepared(ingredient, grams, origins);
  return {
    minutes: ADDING_MINUTES.add,
    handsOn_min: ADDING_MINUTES.add,
    added_g: grams[0]!,
    prepared: { name, amount_mL: grams[0]! * mL_per_g },
    ...(measured ? { asMeasured: true } : {}),
    ...(stood.length > 0 ? { stood } : {}),
  };
}

/** Most gas a home carbonator puts in, volumes. */
const MOST_VOLUMES = 6;

/** `carbonate`: with sparkling water, or with volumes of carbon dioxide. */
export function runCarbonate(context: StepContext): StepDone | Unreadable {
  const { step, pot } = context;
  const text = step.text.trim().replace(/^with /i, '');
  const number = scanNumber(text.toLowerCase(), 0);
  if (number && /^ ?vol(?:ume)?s?\b/.test(text.toLowerCase().slice(number.end))) {
    if (!(number.low > 0) || number.high > MOST_VOLUMES)
      return unreadable('not-positive', step.text, `Carbon dioxide is 1 to ${MOST_VOLUMES} volumes.`, ['3 volumes']);
    const volumes = pot.liquid.volumes();
    const gas = pot.liquid.column('carbonic_mmol');
    for (let sample = 0; sample < pot.samples; sample += 1)
      gas[sample]! += (((number.low + number.high) / 2) * volumes[sample]!) / MOLAR_VOLUME_L;
    return { minutes: 2, handsOn_min: 2 };
  }
  return runAdd({ ...context, step: { ...step, text } });
}
