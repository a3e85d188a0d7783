import type { OwnIngredientFields } from '@wellhydra/core/drink';
import {
  labelDoubts,
  ownIngredient,
  readLabelText,
  SALT_PER_SODIUM,
  type LabelDoubt,
  type LabelFigure,
  type LabelRead,
} from '@wellhydra/core/own-ingredient';
import { formatNumber, TEASPOON_mL } from '@wellhydra/core/quantity';
import { typedNumber } from '../../ui/typed-number';

/** What of a label is asked for, of 100 g. */
export const LABEL_FIELDS: readonly { readonly figure: LabelFigure; readonly label: string; readonly unit: string }[] =
  [
    { figure: 'energy_kcal', label: 'Energy', unit: 'kcal' },
    { figure: 'fat_g', label: 'Fat', unit: 'g' },
    { figure: 'carbohydrate_g', label: 'Carbohydrate', unit: 'g' },
    { figure: 'sugars_g', label: 'of it sugars', unit: 'g' },
    { figure: 'fibre_g', label: 'Fibre', unit: 'g' },
    { figure: 'protein_g', label: 'Protein', unit: 'g' },
    { figure: 'sodium_mg', label: 'Sodium', unit: 'mg' },
    { figure: 'potassium_mg', label: 'Potassium', unit: 'mg' },
    { figure: 'magnesium_mg', label: 'Magnesium', unit: 'mg' },
    { figure: 'calcium_mg', label: 'Calcium', unit: 'mg' },
    { figure: 'vitaminC_mg', label: 'Vitamin C', unit: 'mg' },
    { figure: 'caffeine_mg', label: 'Caffeine', unit: 'mg' },
    { figure: 'water_g', label: 'Water', unit: 'g' },
  ];

/** A form as it is typed: figures of 100 g in words. */
export interface LabelForm {
  readonly name: string;
  readonly figures: Readonly<Partial<Record<LabelFigure, string>>>;
  readonly state: 'soluble' | 'liquid' | 'solid';
  readonly role: 'sweetener' | 'salt' | 'acid' | 'juice' | 'herb';
  /** What a level teaspoon weighs, g, in words. */
  readonly teaspoon_g: string;
}

export const EMPTY_LABEL: LabelForm = { name: '', figures: {}, state: 'soluble', role: 'sweetener', teaspoon_g: '' };

/** The form with what a label's words say, of 100 g, and what of them meant nothing. */
export function withLabelText(form: LabelForm, text: string): { readonly form: LabelForm; readonly read: LabelRead } {
  const read = readLabelText(text);
  const figures = Object.fromEntries(
    Object.entries(read.figures).map(([figure, value]) => [figure, formatNumber((100 * value) / read.serving_g, 4)]),
  );
  return { form: { ...form, figures: { ...form.figures, ...figures } }, read };
}

const numberOf = (text: string | undefined): number | undefined =>
  text === undefined || text.trim() === '' ? undefined : typedNumber(text);

export type ReadForm =
  | { readonly kind: 'ingredient'; readonly fields: OwnIngredientFields; readonly doubts: readonly LabelDoubt[] }
  | { readonly kind: 'wrong'; readonly at: LabelFigure | 'name' | 'teaspoon_g'; readonly message: string };

/** Reads the form: an ingredient of the kitchen's own with what is doubtful about it, or what is wrong. */
export function readLabelForm({ name, figures, state, role, teaspoon_g }: LabelForm, read: LabelRead | null): ReadForm {
  if (name.trim() === '') return { kind: 'wrong', at: 'name', message: 'Say what it is called.' };
  const label: Partial<Record<LabelFigure, number>> = {};
  for (const { figure } of LABEL_FIELDS) {
    const value = numberOf(figures[figure]);
    if (value === undefined) continue;
    if (!(value >= 0)) return { kind: 'wrong', at: figure, message: 'A number, such as 4.2.' };
    label[figure] = value;
  }
  if (Object.keys(label).length === 0)
    return { kind: 'wrong', at: 'energy_kcal', message: 'Copy at least one figure from the label.' };
  const spoon = numberOf(teaspoon_g);
  if (spoon !== undefined && !(spoon >= 0.1 && spoon <= 20))
    return { kind: 'wrong', at: 'teaspoon_g', message: 'Between 0.1 and 20 g.' };
  const fields: OwnIngredientFields = {
    name: name.trim(),
    role,
    state,
    label: { serving_g: 100, ...label },
    ...(spoon === undefined ? {} : { density_g_mL: Number((spoon / TEASPOON_mL).toPrecision(4)) }),
  };
  try {
    ownIngredient(fields);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return { kind: 'wrong', at: 'carbohydrate_g', message: error.message.replace(/^\w+: /, '') };
  }
  // Salt and kJ of the label count as they were read: sodium may have been mended since.
  const share = read ? 100 / read.serving_g : 1;
  const doubts = labelDoubts({
    serving_g: 100,
    figures: label,
    unread: [],
    ...(read?.energy_kJ === undefined ? {} : { energy_kJ: read.energy_kJ * share }),
    ...(read?.salt_g === undefined ? {} : { salt_g: read.salt_g * share }),
  });
  return { kind: 'ingredient', fields, doubts };
}

/** "as salt: 1.3 g", for those whose label has salt. */
export function saltWords(sodium: string | undefined): string | undefined {
  const mg = numberOf(sodium);
  return mg !== undefined && mg >= 0 ? `${formatNumber((mg * SALT_PER_SODIUM) / 1000, 3)} g of salt` : undefined;
}
