import type { SpreadFigure } from '@wellhydra/core/analyse';
import type { Ingredient } from '@wellhydra/core/catalogue';
import { catalogued } from '@wellhydra/core/catalogue';
import {
  ENOUGH_WEIGHINGS,
  readIngredientLine,
  usualMeasure,
  usualUnit,
  weighedMeasure,
  type LineOptions,
  type OwnMeasure,
} from '@wellhydra/core/quantity';
import type { Surer } from '@wellhydra/core/weighing';
import { showMass } from '../../domain/words/units';
import type { SurerDrink, WorthWeighing } from './answer-measures';

/** Standard normal deviate of the 5 % and 95 % points. */
const Z90 = 1.645;

/** What is called what, where a spread is said of it. */
const FIGURE_NAMES: Readonly<Partial<Record<SpreadFigure, string>>> = {
  'perServing.sodium_mg': 'sodium',
  'perServing.potassium_mg': 'potassium',
  'perServing.magnesium_mg': 'magnesium',
  'perServing.calcium_mg': 'calcium',
  'perServing.vitaminC_mg': 'vitamin C',
  'perServing.sugars_g': 'sugar',
  'liquid.brix': 'sweetness (°Brix)',
  'yield.volume_mL': 'how much it makes',
};

/** A measure as it is shown. */
export interface MeasureView {
  readonly id: string;
  readonly title: string;
  /** What it is of, as people call it. */
  readonly thing: string;
  readonly words: string;
  /** Whether it is in use, and by whom. */
  readonly used: string;
  readonly onlyMine: boolean;
  readonly picture: MeasurePicture;
}

/** Weighings along a line of grams. */
export interface MeasurePicture {
  readonly points: readonly number[];
  readonly mean_g: number;
  /** Where nine of ten lie, by what was weighed. */
  readonly low_g: number;
  readonly high_g: number;
  /** What the tables have, with where nine of ten hands lie; null where they have nothing. */
  readonly usual: { readonly mean_g: number; readonly low_g: number; readonly high_g: number } | null;
  readonly spoken: string;
}

const around = (mean_g: number, cv: number) => ({
  mean_g,
  low_g: mean_g * Math.exp(-Z90 * cv),
  high_g: mean_g * Math.exp(Z90 * cv),
});
const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);
const percent = (share: number): string =>
  `${share < 0.095 ? (100 * share).toFixed(1).replace(/\.0$/, '') : Math.round(100 * share)} %`;

/** The ingredient that a typed name means; undefined where it means none. */
export function ingredientCalled(typed: string, options: LineOptions): Ingredient | undefined {
  const line = readIngredientLine(`1 g ${typed}`, options);
  return line.kind === 'read' ? line.ingredient : undefined;
}

/** A measure of the kitchen in words, with its picture; null before it was weighed at all. */
export function measureView(measure: OwnMeasure, own: readonly Ingredient[] = []): MeasureView | null {
  const { id, name, of, weighed_g, member } = measure;
  if (weighed_g.length === 0) return null;
  const ingredient = catalogued(of) ?? own.find((each) => each.id === of);
  const usual = ingredient && usualMeasure(name, ingredient);
  const { mean_g, each } = weighedMeasure(weighed_g, usual?.cv);
  const range = around(mean_g, each);
  const inUse = usual === undefined || weighed_g.length >= ENOUGH_WEIGHINGS;
  const left = ENOUGH_WEIGHINGS - weighed_g.length;
  const thing = (ingredient?.name ?? of).toLowerCase();
  const what = `${name} of ${thing}`;
  return {
    id,
    title: what.charAt(0).toUpperCase() + what.slice(1),
    thing,
    words: [
      `${showMass(mean_g)}, mostly ${showMass(range.low_g)} to ${showMass(range.high_g)}`,
      `weighed ${times(weighed_g.length)}`,
      usual ? `others take ${showMass(usual.mass_g)}` : '',
    ]
      .filter(Boolean)
      .join(' · '),
    used: inUse
      ? member
        ? 'Used for every drink you make'
        : 'Used for every drink of the kitchen'
      : `Weigh it ${left === 1 ? 'once' : 'twice'} more, and it is used`,
    onlyMine: member !== undefined,
    picture: {
      points: weighed_g,
      mean_g,
      low_g: range.low_g,
      high_g: range.high_g,
      usual: usual ? around(usual.mass_g, usual.cv) : null,
      spoken: `${what}: ${weighed_g.map((grams) => showMass(grams)).join(', ')}`,
    },
  };
}

/** "Sodium within 31 % instead of 62 %". */
export function surerWords({ figure, before, after }: Surer): string {
  const name = FIGURE_NAMES[figure] ?? 'what is in it';
  return `${name} within ${percent(after)} instead of ${percent(before)}`;
}

const MOST_DRINKS = 3;
/** What weighing has brought, drink by drink. */
export function broughtWords(drinks: readonly SurerDrink[] = []): string {
  if (drinks.length === 0) return 'No drink of yours is surer for it yet';
  const said = drinks.slice(0, MOST_DRINKS).map(({ drink, surer }) => `${drink}: ${surerWords(surer)}`);
  const more = drinks.length - said.length;
  return [...said, ...(more > 0 ? [`and ${more} more`] : [])].join('; ');
}

/** "knob of ginger"; of "peel" and "orange peel", "peel of orange". */
function measureOf(name: string, thing: string): string {
  const rest = thing
    .split(' ')
    .filter((word) => word !== name)
    .join(' ');
  return rest === '' ? name : `${name} of ${rest}`;
}

/** What is asked of a measure that would be worth weighing, and what it would bring. */
export function worthWords({ name, of, most }: WorthWeighing): { readonly ask: string; readonly brings: string } {
  return {
    ask: `How much is your ${measureOf(name, of.name.toLowerCase())}?`,
    brings: most
      ? `Weighed a few times, it would bring ${most.drink} nearer: ${surerWords(most.surer)}.`
      : 'It differs much from hand to hand.',
  };
}

/** Measures that are spelled alike in one kitchen: the one that is weighed further. */
export function sameMeasure(
  measures: readonly OwnMeasure[],
  { name, of, member }: Pick<OwnMeasure, 'name' | 'of' | 'member'>,
): OwnMeasure | undefined {
  const unitOf = (each: string) => usualUnit(each)?.id ?? each.trim().toLowerCase();
  return measures.find((each) => unitOf(each.name) === unitOf(name) && each.of === of && each.member === member);
}
