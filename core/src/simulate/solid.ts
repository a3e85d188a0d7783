import type { Ingredient } from '../catalogue';
import {
  INSOLUBLE_SHARES,
  OPEN_AT_ONCE,
  RETENTION,
  isFreshForm,
  type Cutting,
  type ExtractionForm,
  type Straining,
} from '../process';
import { rowOf } from '../lookup';
import { addParts, givingOf, partsOf, solidsGiven, waterOf, type GivingMode } from './ingredient-parts';
import { columnOf, type Column } from './chance';
import type { Mixture } from './mixture';

/** Pieces of a plant in the pot: how many grams went in, and how much of them has gone over to the liquid. */
export interface Solid {
  readonly ingredient: Ingredient;
  readonly step: number;
  /** As it went in, g, less what was poured off with the liquid. */
  grams: Column;
  /** Factor on what varies in it. */
  readonly content: Column;
  form: ExtractionForm;
  mode: GivingMode;
  /** How far the slow part of extraction is, 0 to 1. */
  progress: Column;
  /** Share of what it can give in its mode that is out. */
  given: Column;
  /** Share of its own water that is out. */
  dryness: Column;
  /** How it was cut when it went in; how it was broken since is in `broken`. */
  cutting: Cutting;
  /** Share of a fresh plant's membranes that have given way. */
  broken: Column;
  /** Opened by heat, frost or a masher, so that diffusion reaches further. */
  opened: boolean;
  /** It pours with the liquid and is drunk: powder, what swells, what was blended; or pieces that are eaten. */
  suspended: boolean;
}

const LEAF_FORMS = { fresh: ['fresh_leaf_whole', 'fresh_leaf_torn'], dried: ['cut_leaf', 'whole_leaf'] } as const;
const BROKEN = new Set('crushed grated chopped cut sliced sections peeled zest juiced torn halved muddled'.split(' '));
const isBerry = (ingredient: Ingredient): boolean => /berr|currant|cherr|grape|hip/.test(ingredient.id);

function freshForm(ingredient: Ingredient, form: string | undefined): ExtractionForm {
  const broken = form !== undefined && BROKEN.has(form);
  switch (ingredient.part) {
    case 'leaf':
    case 'flower':
      return LEAF_FORMS.fresh[broken ? 1 : 0];
    case 'root_bark':
      return form === 'grated' || form === 'crushed' || form === 'muddled' ? 'fresh_root_grated' : 'fresh_root_slice';
    default:
      if (form === 'sliced') return 'fresh_fruit_slice';
      if (isBerry(ingredient)) return broken ? 'fresh_berry_cut' : 'fresh_berry_whole';
      // Whole fruit keeps its skin; a slice, a wedge and a peel do not.
      return form === 'whole' ? 'fresh_berry_whole' : 'fresh_fruit_slice';
  }
}

function driedForm(ingredient: Ingredient, form: string | undefined): ExtractionForm {
  if (form === 'powdered' || ingredient.part === 'powder' || ingredient.id.endsWith('-ground')) return 'powder';
  switch (ingredient.part) {
    case 'leaf':
      return LEAF_FORMS.dried[form === 'whole' ? 1 : 0];
    case 'flower':
      return 'flower';
    case 'hibiscus':
      return 'hibiscus_cut';
    case 'root_bark':
      if (ingredient.id.endsWith('stick')) return form === 'crushed' ? 'cut_root' : 'stick_bark';
      return form === 'sliced' ? 'root_slice' : 'cut_root';
    default:
      return form !== undefined && BROKEN.has(form) ? 'berry_crushed' : 'berry_whole_dried';
  }
}

/** What a piece that was counted looks like. */
function countedForm(piece: string): string | undefined {
  if (piece === 'slice' || piece === 'wedge' || piece === 'coin') return 'sliced';
  return piece === 'whole' ? 'whole' : undefined;
}

const CUTTINGS: Readonly<Record<string, Cutting>> = {
  whole: 'whole',
  peeled: 'halved',
  halved: 'halved',
  sliced: 'sliced',
  cut: 'sliced',
  sections: 'sliced',
  torn: 'torn',
  chopped: 'chopped',
  grated: 'muddled',
  zest: 'muddled',
  muddled: 'muddled',
  thawed: 'thawed',
  crushed: 'crushed',
  juiced: 'crushed',
};

/** Grain that swells until it pours; seeds with mucilage do too. */
const SWELLS = new Set(['oats-rolled']);

/** Whether what goes in like this pours with the drink unless it is strained out. */
export const pours = ({ id, part }: Ingredient, form: ExtractionForm): boolean =>
  form === 'powder' || (form !== 'tea_bag' && (part === 'mucilage_seed' || SWELLS.has(id)));

/** Leaves and petals let through on all sides. */
export const isThin = ({ part }: Ingredient): boolean => part === 'leaf' || part === 'flower';

/**
 * How a fresh plant was cut when it went in. Berries and leaves are whole where nothing is said; other fruit and
 * roots go in as pieces.
 *
 * @param ingredient a plant
 * @param form as written
 * @param piece how it was counted
 */
export function cuttingOf(ingredient: Ingredient, form: string | undefined, piece: string): Cutting {
  const known = form ?? countedForm(piece);
  const cutting = known === undefined ? undefined : rowOf(CUTTINGS, known);
  return cutting ?? (isThin(ingredient) || isBerry(ingredient) ? 'whole' : 'sliced');
}

/** Breaks a fresh plant at least as far as a cutting does. */
export function breakTo(solid: Solid, cutting: Cutting): void {
  if (OPEN_AT_ONCE[cutting] > OPEN_AT_ONCE[solid.cutting]) solid.cutting = cutting;
  for (let sample = 0; sample < solid.broken.length; sample += 1)
    solid.broken[sample] = Math.max(solid.broken[sample]!, OPEN_AT_ONCE[cutting]);
}

/** mL of liquid that a gram of a dried plant keeps back. */
export const retentionOf = ({ part = 'leaf' }: Ingredient, straining: Straining): number =>
  RETENTION[part === 'fruit' ? 'berry_dried' : part][straining];

/** Matter of a fresh plant that never dissolves, g in a gram. */
export const insolubleOf = ({ id, composition }: Ingredient): number =>
  rowOf(INSOLUBLE_SHARES, id) ?? composition?.insoluble_g ?? 1;

/**
 * The form that decides how fast a plant gives.
 *
 * @param ingredient a plant
 * @param form as written: sliced, crushed, grated, whole, powdered
 * @param piece how it was counted: a slice is sliced, a tea bag is fine, a whole fruit is whole
 */
export function extractionFormOf(ingredient: Ingredient, form: string | undefined, piece: string): ExtractionForm {
  if (piece === 'bag') return 'tea_bag';
  const known = form ?? countedForm(piece);
  return ingredient.dried ? driedForm(ingredient, known) : freshForm(ingredient, known);
}

const FINER: Readonly<Partial<Record<ExtractionForm, ExtractionForm>>> = {
  cut_leaf: 'powder',
  whole_leaf: 'cut_leaf',
  cut_root: 'powder',
  root_slice: 'cut_root',
  berry_whole_dried: 'berry_crushed',
  stick_bark: 'cut_root',
  fresh_leaf_whole: 'fresh_leaf_torn',
  fresh_berry_whole: 'fresh_berry_cut',
  fresh_berry_cut: 'fresh_root_grated',
  fresh_fruit_slice: 'fresh_root_grated',
  fresh_root_slice: 'fresh_root_grated',
};

/** The form after a masher has been at it. */
export const finerForm = (form: ExtractionForm): ExtractionForm => FINER[form] ?? form;

export const isFresh = (solid: Solid): boolean => isFreshForm(solid.form) || solid.ingredient.dried === false;

/** Moves what a solid has newly given into a liquid: up to a share of what it can give in a mode. */
export function giveTo(liquid: Mixture, solid: Solid, mode: GivingMode, share: Column): void {
  const { grams, content, given } = solid;
  const more = new Float64Array(grams.length);
  if (mode === solid.mode) {
    for (let sample = 0; sample < more.length; sample += 1)
      more[sample] = grams[sample]! * (share[sample]! - given[sample]!);
  } else {
    for (let sample = 0; sample < more.length; sample += 1) more[sample] = -grams[sample]! * given[sample]!;
    addParts(liquid, givingOf(solid.ingredient, solid.mode), more, content);
    for (let sample = 0; sample < more.length; sample += 1) more[sample] = grams[sample]! * share[sample]!;
  }
  addParts(liquid, givingOf(solid.ingredient, mode), more, content);
  solid.given = share;
  solid.mode = mode;
}

/** Moves a solid's own water into the liquid, up to a share of it. */
export function dryTo(liquid: Mixture, solid: Solid, share: Column): void {
  const water = liquid.column('water_g');
  const own_g = waterOf(solid.ingredient);
  for (let sample = 0; sample < water.length; sample += 1) {
    const more = Math.max(0, share[sample]! - solid.dryness[sample]!);
    water[sample]! += solid.grams[sample]! * own_g * more;
    solid.dryness[sample]! += more;
  }
}

/** What a solid weighs now, g. */
export function solidMass(solid: Solid): Column {
  const solids_g = solidsGiven(solid.ingredient, solid.mode);
  const water_g = waterOf(solid.ingredient);
  const { grams, given, dryness } = solid;
  return columnOf(
    grams.length,
    (sample) => grams[sample]! * (1 - solids_g * given[sample]! - water_g * dryness[sample]!),
  );
}

/**
 * mL of liquid that a dried plant has taken up by now in sample 0: as much as a spoon cannot press out of it, as fast
 * as it gives, for water goes in where what dissolves comes out. A fresh plant is full already, and powder pours.
 */
export function soakedBy(solid: Solid): number {
  const { ingredient, grams, progress, suspended } = solid;
  if (suspended || isFresh(solid)) return 0;
  return grams[0]! * progress[0]! * retentionOf(ingredient, 'press');
}

/** Adds all that a solid still has to a mixture: what it brought, less what it has given. */
export function addRemains(mixture: Mixture, solid: Solid, share?: Column): void {
  const { ingredient, mode, grams, given, dryness, content } = solid;
  const samples = grams.length;
  const of = (sample: number): number => grams[sample]! * (share?.[sample] ?? 1);
  addParts(mixture, partsOf(ingredient), columnOf(samples, of), content);
  const gone = columnOf(samples, (sample) => -of(sample) * given[sample]!);
  addParts(mixture, givingOf(ingredient, mode), gone, content);
  const water = mixture.column('water_g');
  const own_g = waterOf(ingredient);
  for (let sample = 0; sample < samples; sample += 1) water[sample]! -= of(sample) * own_g * dryness[sample]!;
}
